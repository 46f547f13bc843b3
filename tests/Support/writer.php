<?php

declare(strict_types=1);

// Writes journal lines at a server for so many seconds, each but once, and prints what was answered.
// Usage: php writer.php URL NUMBER SECONDS

use Tests\Support\Client;

require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $url, $number, $seconds] = $argv;
$client = Client::signedIn($url);
$told = ['acknowledged' => [], 'refused' => []];
for ($line = 0, $end = microtime(true) + (float) $seconds; microtime(true) < $end; $line++) {
    $words = "writer {$number} line {$line}";
    $answer = $client->send('POST', '/systems/1/journal', ['line' => "note {$words}"]);
    if ($answer->status === 302) {
        $told['acknowledged'][] = $words;
    } elseif ($answer->status === 0) {
        break;
    } else {
        $told['refused'][] = "{$answer->status} {$answer->body}";
    }
}
echo json_encode($told);
