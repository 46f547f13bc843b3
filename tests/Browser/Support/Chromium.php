<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;
use Tests\Support\Temporary;

/** Starts headless Chromium with a profile of its own. */
final class Chromium
{
    private static ?string $driverUrl = null;

    public static function start(): RemoteWebDriver
    {
        $profile = Temporary::path('chromium');
        $options = new ChromeOptions;
        $options->setBinary('/usr/bin/chromium');
        $options->addArguments([
            '--headless',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--hide-scrollbars',
            "--user-data-dir={$profile}",
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL', 'performance' => 'ALL']);

        return RemoteWebDriver::create(self::driverUrl(), $capabilities, 20_000, 60_000);
    }

    /** One ChromeDriver serves all browsers of a run. */
    private static function driverUrl(): string
    {
        if (self::$driverUrl !== null) {
            return self::$driverUrl;
        }
        $port = Port::free();
        // What browsers keep lies in the folder of this run, which is cleared after they have ended.
        $folder = dirname(Temporary::path());
        $process = proc_open(
            ['setsid', '/usr/bin/chromedriver', "--port={$port}", '--silent'],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            env_vars: [...getenv(), 'TMPDIR' => $folder],
        );
        if ($process === false) {
            throw new RuntimeException('ChromeDriver did not start.');
        }
        $group = proc_get_status($process)['pid'];
        register_shutdown_function(static function () use ($group, $folder): void {
            posix_kill(-$group, SIGTERM);
            // The brackets keep the search from finding itself.
            $find = 'pgrep -f '.escapeshellarg("[u]ser-data-dir={$folder}");
            for ($tries = 0; $tries < 100 && exec($find) !== ''; $tries++) {
                usleep(100_000);
            }
        });
        Port::waitFor("http://127.0.0.1:{$port}/status");

        return self::$driverUrl = "http://127.0.0.1:{$port}";
    }
}
