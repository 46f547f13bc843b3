<?php

declare(strict_types=1);

namespace Tests\Support;

use Tests\Browser\Support\AppServer;

/**
 * The product with one medium more: a case of the enum and one row, and nothing else. Programs that run with these
 * settings find both in place of the real files.
 */
final class MadeUpMedium
{
    private const ROW = <<<'ROW'
        'testite' => new self(
            new MediumNames('Testite granules', ['testite', 'test granules'], ['testit']),
            Removes::Phosphate,
            'about three months',
            ['Rinse it twice.'],
            [
                ...self::common('testite', 'Testite', 0.8, 0.4, 1.6, 0.05),
                'volume' => self::volume('testite-volume', 'Testite', 0.5, 0.1, 5.0),
                'calendar' => self::calendar('testite', 'Testite', 90.0, 365.0),
                ...self::binds('testite', 'testite', 10.0, 1.5, 0.25),
            ],
        ),

ROW;

    /** @return array<string, string> settings of the environment */
    public static function settings(): array
    {
        $folder = Temporary::file().'.medium';
        mkdir($folder);
        $media = dirname(__DIR__, 2).'/core/Media';
        self::put("{$folder}/Medium.php", "{$media}/Medium.php", [
            "case Unlisted = 'unlisted';" => "case Unlisted = 'unlisted';\n    case Testite = 'testite';",
        ]);
        self::put("{$folder}/Definition.php", "{$media}/Definition.php", [
            'return $rows ??= ['."\n" => 'return $rows ??= ['."\n".self::ROW,
        ]);
        file_put_contents("{$folder}/before.php", sprintf(
            '<?php require %s; require %s; require %s;',
            var_export(dirname(__DIR__, 2).'/vendor/autoload.php', true),
            var_export("{$folder}/Medium.php", true),
            var_export("{$folder}/Definition.php", true),
        ));
        file_put_contents("{$folder}/more.ini", "auto_prepend_file={$folder}/before.php\n");

        // The development server runs its router without what is to be run before.
        file_put_contents("{$folder}/router.php", sprintf(
            '<?php require_once %s; return require %s;',
            var_export("{$folder}/before.php", true),
            var_export(dirname(__DIR__, 2).AppServer::ROUTER, true),
        ));

        // The usual settings first, then these.
        return ['PHP_INI_SCAN_DIR' => ":{$folder}", 'ITHYS_ROUTER' => "{$folder}/router.php"];
    }

    /** @param  array<string, string>  $changes */
    private static function put(string $to, string $from, array $changes): void
    {
        $was = (string) file_get_contents($from);
        $is = strtr($was, $changes);
        assert($is !== $was);
        file_put_contents($to, $is);
    }
}
