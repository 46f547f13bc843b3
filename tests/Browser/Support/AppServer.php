<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use PDO;
use RuntimeException;
use Tests\Support\Temporary;

/** The real application on a free port with a database of its own, stopped with all its workers. */
final class AppServer
{
    public readonly string $url;

    /** What leads requests to the application. */
    public const ROUTER = '/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php';

    private readonly string $settings;

    private readonly ?string $router;

    private readonly int $port;

    private int $group;

    private ?int $worker = null;

    /** @param  array<string, string>  $more  further settings of the application */
    private function __construct(public readonly string $database, bool $demo, array $more = [])
    {
        $root = dirname(__DIR__, 3);
        if (is_file("{$root}/public/hot")) {
            unlink("{$root}/public/hot");
        }
        $this->port = Port::free();
        $this->url = "http://127.0.0.1:{$this->port}";
        $environment = [
            'APP_ENV' => 'e2e',
            'APP_DEBUG' => 'false',
            'DB_DATABASE' => $database,
            'CACHE_STORE' => 'file',
            'CACHE_PATH' => "{$database}.cache",
            'SESSION_DRIVER' => 'whole-file',
            'QUEUE_CONNECTION' => 'database',
            'LOG_CHANNEL' => 'null',
            'BCRYPT_ROUNDS' => '4',
            'PHP_CLI_SERVER_WORKERS' => '3',
            // The browser keeps the machine's time: a session of an earlier day must not be over for it.
            'SESSION_LIFETIME' => (string) (60 * 24 * 365 * 30),
            ...$more,
        ];
        $this->settings = implode(
            ' ',
            array_map(
                static fn (string $name, string $value): string => $name.'='.escapeshellarg($value),
                array_keys($environment),
                $environment,
            ),
        );
        $this->router = $more['ITHYS_ROUTER'] ?? null;
        copy(self::template($demo), $environment['DB_DATABASE']);
        $this->start();
    }

    /** A database that is made once a run and copied for every server. */
    private static function template(bool $demo): string
    {
        static $made = [];
        if (! isset($made[$demo])) {
            $file = Temporary::file();
            $artisan
                = 'cd '
                .dirname(__DIR__, 3)
                .' && env APP_ENV=e2e BCRYPT_ROUNDS=4 LOG_CHANNEL=null DB_DATABASE='
                .escapeshellarg($file)
                .' php artisan ';
            self::run($artisan.'migrate --force --quiet');
            if ($demo) {
                self::run($artisan."db:seed --class='Database\\Seeders\\DemoSeeder' --force --quiet");
                self::run($artisan.'ithys:learn');
            }
            // Into the file itself, so that a copy of it is whole.
            (new PDO("sqlite:{$file}"))->exec('pragma wal_checkpoint(truncate)');
            $made[$demo] = $file;
        }

        return $made[$demo];
    }

    /** @param  array<string, string>  $more */
    public static function empty(array $more = []): self
    {
        return new self(Temporary::file(), false, $more);
    }

    /** @param  array<string, string>  $more */
    public static function withDemo(array $more = []): self
    {
        return new self(Temporary::file(), true, $more);
    }

    public function artisan(string $command): string
    {
        return self::run('cd '.dirname(__DIR__, 3)." && env {$this->settings} php artisan {$command}");
    }

    /** Runs another command with the application's settings. */
    public function with(string $command): string
    {
        return self::run("env {$this->settings} {$command}");
    }

    public function start(): void
    {
        $root = dirname(__DIR__, 3);
        $router = $this->router ?? $root.self::ROUTER;
        $log = escapeshellarg("{$this->database}.log");
        // A process group of its own, so that the workers go with the server.
        $this->group = (int) self::run(
            "cd {$root}/public && env {$this->settings} setsid php -d upload_max_filesize=21M -d post_max_size=64M -S "
                ."127.0.0.1:{$this->port} {$router} >{$log} 2>&1 & echo \$!",
        );
        Port::waitFor("{$this->url}/up");
    }

    /** Learns beside the pages, as bin/serve has it done. */
    public function work(): self
    {
        $root = dirname(__DIR__, 3);
        $this->worker = (int) self::run(
            "cd {$root} && env {$this->settings} setsid php artisan queue:work --sleep=0.3 --quiet >/dev/null 2>&1 & "
                .'echo $!',
        );

        return $this;
    }

    /** Ends all of it at once, in the middle of whatever it does. */
    public function kill(): void
    {
        posix_kill(-$this->group, SIGKILL);
        Port::waitUntilClosed($this->port);
    }

    /** The data as it stands, seen from outside the application. */
    public function data(): PDO
    {
        return new PDO("sqlite:{$this->database}", options: [PDO::ATTR_TIMEOUT => 20]);
    }

    public function stop(): void
    {
        posix_kill(-$this->group, SIGTERM);
        $this->worker === null || posix_kill(-$this->worker, SIGKILL);
        exec('rm -rf '.implode(' ', array_map(escapeshellarg(...), glob($this->database.'*') ?: [])));
    }

    private static function run(string $command): string
    {
        exec($command, $output, $code);

        return $code === 0
            ? implode("\n", $output)
            : throw new RuntimeException("Failed: {$command}\n".implode("\n", $output));
    }
}
