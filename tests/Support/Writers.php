<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Process\InvokedProcess;
use Illuminate\Support\Facades\Process;
use Tests\Browser\Support\AppServer;

/** Several processes that write into one journal at once. */
final readonly class Writers
{
    /** @param  list<InvokedProcess>  $processes */
    private function __construct(private array $processes)
    {
    }

    public static function at(AppServer $server, int $count, float $seconds, int $first = 0): self
    {
        return new self(
            array_map(
                static fn (int $number) => Process::forever()->start([
                    PHP_BINARY,
                    __DIR__.'/writer.php',
                    $server->url,
                    (string) $number,
                    (string) $seconds,
                ]),
                range($first + 1, $first + $count),
            ),
        );
    }

    /** @return array{acknowledged: list<string>, refused: list<string>} what all of them were told */
    public function told(): array
    {
        $told = ['acknowledged' => [], 'refused' => []];
        foreach ($this->processes as $process) {
            $result = $process->wait();
            $one = json_decode($result->output(), true) ?? [
                'acknowledged' => [],
                'refused' => ['a writer failed: '.$result->errorOutput().$result->output()],
            ];
            $told = array_merge_recursive($told, $one);
        }

        return $told;
    }

    /** @return array<string, int> how often each of their notes stands in the data */
    public static function stored(AppServer $server): array
    {
        $rows
            = $server
                ->data()
                ->query(
                    "select json_extract(payload, '$.text') as words, count(*) as times from entries where kind = "
                        ."'note' and json_extract(payload, '$.text') like 'writer %' group by 1",
                )
                ?->fetchAll()
            ?: [];

        return array_column($rows, 'times', 'words');
    }
}
