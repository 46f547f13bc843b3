<?php

declare(strict_types=1);

use Tests\Browser\Support\Port;
use Tests\Support\Client;
use Tests\Support\Temporary;

// The household server of the README, as deploy/install sets it up: nginx and php-fpm of Debian, HTTPS, a user of its
// own.

beforeAll(function (): void {
    Household::start();
});

afterAll(function (): void {
    Household::stop();
});

/** A copy of the application in a folder that others may enter, with both servers on free ports of this machine. */
final class Household
{
    public static string $root;

    public static int $http;

    public static int $https;

    public static string $url;

    /** @var list<resource> */
    private static array $processes = [];

    public static function start(): void
    {
        $source = dirname(__DIR__, 3);
        self::$root = sys_get_temp_dir().'/ithys-household-'.getmypid();
        [self::$http, self::$https] = [Port::free(), Port::free()];
        self::$url = 'https://127.0.0.1:'.self::$https;
        self::run('mkdir -m 755 '.self::$root);
        self::run(
            "cd {$source} && git ls-files -z -c -o --exclude-standard | xargs -0 cp -a --parents -t ".self::$root,
        );
        self::run(
            "cp -a {$source}/vendor {$source}/public "
                .self::$root
                ." && ln -s {$source}/node_modules "
                .self::$root
                .'/node_modules',
        );
        $into = self::$root.'/into';
        self::run('cd '.self::$root.' && deploy/prepare www-data 127.0.0.1:'.self::$https);
        self::run(
            'cd '
                .self::$root
                .' && deploy/install --name 127.0.0.1 --http-port '
                .self::$http
                .' --https-port '
                .self::$https
                ." --user www-data --into {$into}",
        );
        file_put_contents(
            "{$into}/nginx.conf",
            <<<NGINX
        user www-data;
        daemon off;
        pid {$into}/nginx.pid;
        error_log {$into}/nginx.log;
        events {}
        http {
            include /etc/nginx/mime.types;
            access_log off;
            client_body_temp_path {$into}/body;
            fastcgi_temp_path {$into}/fastcgi;
            include {$into}/etc/nginx/sites-available/ithys;
        }

        NGINX,
        );
        file_put_contents(
            "{$into}/fpm.conf",
            "[global]\ndaemonize = no\npid = {$into}/fpm.pid\nerror_log = {$into}/fpm.log\ninclude = "
                ."{$into}/etc/php/8.2/fpm/pool.d/*.conf\n",
        );
        self::run("chmod 755 {$into} {$into}/run {$into}/run/php");
        foreach (["php-fpm8.2 -y {$into}/fpm.conf", "nginx -c {$into}/nginx.conf"] as $command) {
            self::$processes[]
                = proc_open(
                    "exec {$command}",
                    [['file', '/dev/null', 'r'], ['file', "{$into}/out.log", 'a'], ['file', "{$into}/out.log", 'a']],
                    $pipes,
                )
                ?: throw new RuntimeException($command);
        }
        for ($try = 0; $try < 100 && self::client()->send('GET', '/up')->status !== 200; $try++) {
            usleep(100_000);
        }
    }

    public static function stop(): void
    {
        foreach (self::$processes as $process) {
            proc_terminate($process);
            proc_close($process);
        }
        self::run('rm -rf '.self::$root);
    }

    public static function client(string $url = ''): Client
    {
        return new Client($url === '' ? self::$url : $url, [
            CURLOPT_CAINFO => self::$root.'/into/etc/ssl/certs/ithys.pem',
            CURLOPT_ACCEPT_ENCODING => 'gzip',
        ]);
    }

    public static function run(string $command): string
    {
        // Without the settings of the test run.
        exec('env -i PATH="$PATH" HOME="$HOME" sh -c '.escapeshellarg($command).' 2>&1', $output, $code);

        return $code === 0
            ? implode("\n", $output)
            : throw new RuntimeException("Failed: {$command}\n".implode("\n", $output));
    }
}

it('makes the first keeper, a tank, and takes a table of nineteen megabytes', function (): void {
    $client = Household::client();
    expect($client->send('GET', '/sign-in')->header('Location'))->toBe(Household::$url.'/first-run');
    $client->send('GET', '/first-run');
    $made = $client->send('POST', '/first-run', [
        'name' => 'Kim',
        'email' => 'kim@home.example',
        'password' => 'four wet feet dance',
        'timezone' => 'Europe/Berlin',
        'units' => 'metric',
    ]);
    expect($made->status)
        ->toBe(302)
        ->and($made->header('Location'))
        ->toBe(Household::$url.'/systems/create')
        ->and($made->head)
        ->toMatch('~set-cookie: ithys_session=[^;]+;.*secure; httponly; samesite=lax~i');
    expect(
        $client->send('POST', '/systems', [
            'tank' => ['name' => 'Hall', 'shape' => 'volume', 'volume' => '300', 'salinity' => '35'],
        ])->status,
    )->toBe(302);

    $file = Temporary::path('nineteen-megabytes.csv');
    $rows = fopen($file, 'wb') ?: throw new RuntimeException($file);
    fwrite($rows, "date,nitrate,method,note\n");
    for ($i = 0; ftell($rows) < 19 * 1_048_576; $i++) {
        fwrite(
            $rows,
            gmdate('Y-m-d\TH:i\Z', 946_684_800 + 300 * $i)
                .",8.5,pocket photometer,a note that is about as long as a keeper writes beside a figure\n",
        );
    }
    fclose($rows);
    $start = microtime(true);
    $address = $client->upload('/systems/1/import', $file)->header('Location');
    unlink($file);
    expect($address)->toStartWith(Household::$url.'/systems/1/import/');
    $confirmed = $client->send('POST', (string) parse_url($address, PHP_URL_PATH));
    // It is long: the worker that systemd keeps running saves it.
    expect($confirmed->status)->toBe(302)->and($confirmed->header('Location'))->toBe($address);
    Household::run(
        'cd '.Household::$root.' && runuser -u www-data -- php artisan queue:work --stop-when-empty --quiet',
    );
    fwrite(STDERR, sprintf("  a table of 19 MB, %s rows: %.1f s\n", number_format($i), microtime(true) - $start));
    expect($client->send('GET', (string) parse_url($address, PHP_URL_PATH))->body)
        ->toContain('"is":"done"')
        ->and(substr_count($client->send('GET', '/systems/1/readings.csv')->body, "\n"))
        ->toBe($i + 1);
});

it('leads to the one address, whatever name it is asked by', function (): void {
    $plain = Household::client('http://127.0.0.1:'.Household::$http)->send('GET', '/systems/1/journal');
    expect($plain->status)
        ->toBe(301)
        ->and($plain->header('Location'))
        ->toBe(Household::$url.'/systems/1/journal');
    $evil = new Client(Household::$url, [
        CURLOPT_SSL_VERIFYPEER => false,
        CURLOPT_RESOLVE => [],
        CURLOPT_USERAGENT => 'x',
    ]);
    expect(Household::run('curl -sk -o /dev/null -D - -H "Host: evil.example" '.Household::$url.'/'))
        ->not->toContain('evil.example')
        ->toContain(Household::$url.'/sign-in')
        ->and($evil->send('GET', '/sign-in')->status)
        ->toBe(200);
});

it('sends the headers that docs/security.md promises', function (): void {
    $page = Household::client()->send('GET', '/sign-in');
    expect($page->header('Strict-Transport-Security'))->toBe('max-age=31536000')
        ->and($page->header('Cache-Control'))->toBe('no-store, private')
        ->and($page->header('X-Content-Type-Options'))->toBe('nosniff')
        ->and($page->header('Content-Security-Policy'))->toContain("default-src 'none'")->not->toContain('unsafe')
        ->and($page->header('X-Powered-By'))->toBe('')
        ->and($page->header('Server'))->toBe('nginx')
        ->and($page->header('Content-Encoding'))->toBe('gzip');
    preg_match('~/build/assets/app-[\w-]+\.js~', $page->body, $script);
    $built = Household::client()->send('GET', $script[0]);
    expect($built->status)->toBe(200)
        ->and($built->header('Cache-Control'))->toBe('public, max-age=31536000, immutable')
        ->and($built->header('Content-Encoding'))->toBe('gzip')
        ->and($built->header('Strict-Transport-Security'))->toBe('max-age=31536000')
        ->and($built->header('X-Content-Type-Options'))->toBe('nosniff');
    expect(Household::client()->send('GET', '/build/licenses.txt')->body)->toContain('SIL OPEN FONT LICENSE');
});

it('hands out nothing but the public folder, and runs no other PHP', function (string $path): void {
    expect(Household::client()->send('GET', $path)->status)->toBe(404);
})->with([
    '/.user.ini',
    '/.env',
    '/../.env',
    '/storage/ithys/ithys.sqlite',
    '/storage/ithys.sqlite',
    '/vendor/autoload.php',
    '/build/../../.env',
    '/artisan',
    '/nothing.php',
]);

it('refuses what is too large, and copies its data as the timetable does', function (): void {
    $file = Temporary::path('too-large.csv');
    file_put_contents($file, str_repeat('x', 23 * 1_048_576));
    expect(Household::client()->upload('/systems/1/import', $file)->status)->toBe(413);
    unlink($file);
    $line = (string) preg_replace(
        '~^.*?\* \* \* www-data |>/dev/null$~ms',
        '',
        trim((string) file_get_contents(Household::$root.'/into/etc/cron.d/ithys')),
    );
    expect(Household::run('runuser -u www-data -- sh -c '.escapeshellarg($line)))->toContain('is whole');
    // A copy that fails is heard: what the timetable keeps quiet is not where errors go.
    $full = str_replace('ithys:backup', 'ithys:backup --to=/proc/no', $line).' >/dev/null; true';
    expect(Household::run('runuser -u www-data -- sh -c '.escapeshellarg($full)))->toContain('No copy was made');
    // Whoever may read the machine's files may not read the keepers'.
    expect(fileperms(Household::$root.'/.env') & 0777)
        ->toBe(0640)
        ->and(fileperms(Household::$root.'/storage/ithys') & 0777)
        ->toBe(0700);
});

it('writes its settings below a folder and touches nothing else', function (): void {
    $root = Household::$root;
    $seen = fn (): string => Household::run(
        "cd {$root} && stat -c '%n %U %a %Y' .env storage storage/ithys && cat .env && id www-data",
    );
    $before = $seen();
    Household::run("cd {$root} && deploy/install --name other.example --user nobody-yet --into {$root}/else");
    expect($seen())->toBe($before)
        ->and(file_exists("{$root}/else/etc/nginx/sites-available/ithys"))->toBeTrue()
        ->and((string) file_get_contents("{$root}/else/etc/systemd/system/ithys-worker.service"))
        ->toContain('User=nobody-yet')
        ->and(Household::run('getent passwd nobody-yet || echo none'))->toBe('none');
});
