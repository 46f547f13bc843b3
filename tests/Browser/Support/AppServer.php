<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

/** The real application on a free port with a database of its own, stopped with all its workers. */
final class AppServer
{
    public readonly string $url;

    private int $group;

    /** @param  array<string, string>  $more  further settings of the application */
    private function __construct(public readonly string $database, bool $demo, array $more = [])
    {
        $root = dirname(__DIR__, 3);
        if (is_file("{$root}/public/hot")) {
            unlink("{$root}/public/hot");
        }
        $port = Port::free();
        $this->url = "http://127.0.0.1:{$port}";
        $environment = ['APP_ENV' => 'e2e', 'APP_DEBUG' => 'false', 'DB_DATABASE' => $database, 'CACHE_STORE' => 'file', 'SESSION_DRIVER' => 'whole-file', 'LOG_CHANNEL' => 'null', 'BCRYPT_ROUNDS' => '4', 'PHP_CLI_SERVER_WORKERS' => '3', ...$more];
        touch($database);
        $set = implode(' ', array_map(static fn (string $name, string $value): string => $name.'='.escapeshellarg($value), array_keys($environment), $environment));
        self::run("cd {$root} && env {$set} php artisan migrate --force --quiet");
        if ($demo) {
            self::run("cd {$root} && env {$set} php artisan db:seed --class='Database\\Seeders\\DemoSeeder' --force --quiet");
        }
        $router = "{$root}/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php";
        $log = escapeshellarg("{$database}.log");
        // A process group of its own, so that the workers go with the server.
        $this->group = (int) self::run("cd {$root}/public && env {$set} setsid php -d upload_max_filesize=21M -d post_max_size=64M -S 127.0.0.1:{$port} {$router} >{$log} 2>&1 & echo \$!");
        Port::waitFor("{$this->url}/up");
    }

    public static function empty(): self
    {
        return new self(self::temporary(), false);
    }

    /** @param  array<string, string>  $more */
    public static function withDemo(array $more = []): self
    {
        return new self(self::temporary(), true, $more);
    }

    public function stop(): void
    {
        posix_kill(-$this->group, SIGTERM);
        array_map(unlink(...), glob($this->database.'*') ?: []);
    }

    private static function temporary(): string
    {
        $file = tempnam(sys_get_temp_dir(), 'ithys');

        return $file === false ? throw new RuntimeException('There is no room for a temporary database.') : $file;
    }

    private static function run(string $command): string
    {
        exec($command, $output, $code);

        return $code === 0 ? implode("\n", $output) : throw new RuntimeException("Failed: {$command}");
    }
}
