<?php

declare(strict_types=1);

use App\Exchange\CsvFile;
use App\Exchange\UnreadableFile;
use Tests\Support\Temporary;

function csvFile(string $bytes): CsvFile
{
    $path = Temporary::path('ithys-csv');
    file_put_contents($path, $bytes);

    return CsvFile::open($path);
}

/** @return array<int, list<string>> */
function records(string $bytes, string $separator = ','): array
{
    return iterator_to_array(csvFile($bytes)->records($separator));
}

it('takes an inch mark for an inch mark: a quote opens a cell only where the cell begins', function (): void {
    expect(records("a,b\n1,20\" tank\n2,good\n3,30\" tank\n4,\"quoted, 5\"\" wide\"\n"))->toBe([
        1 => ['a', 'b'],
        2 => ['1', '20" tank'],
        3 => ['2', 'good'],
        4 => ['3', '30" tank'],
        5 => ['4', 'quoted, 5" wide'],
    ]);
});

// Source: RFC 4180 section 2, its own examples.
it('reads what RFC 4180 describes', function (string $bytes, array $records): void {
    expect(records($bytes))->toBe($records);
})->with([
    'lines end in CRLF' => ["aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n", [1 => ['aaa', 'bbb', 'ccc'], 2 => ['zzz', 'yyy', 'xxx']]],
    'the last line need not end' => [
        "aaa,bbb,ccc\r\nzzz,yyy,xxx",
        [1 => ['aaa', 'bbb', 'ccc'], 2 => ['zzz', 'yyy', 'xxx']],
    ],
    'quoted cells' => [
        "\"aaa\",\"bbb\",\"ccc\"\r\nzzz,yyy,xxx",
        [1 => ['aaa', 'bbb', 'ccc'], 2 => ['zzz', 'yyy', 'xxx']],
    ],
    'a line end and a comma in quotes' => [
        "\"aaa\",\"b\r\nbb\",\"c,cc\"\r\nzzz,yyy,xxx",
        [1 => ['aaa', "b\nbb", 'c,cc'], 3 => ['zzz', 'yyy', 'xxx']],
    ],
    'a quote doubled' => ['"aaa","b""bb","ccc"', [1 => ['aaa', 'b"bb', 'ccc']]],
]);

it('reads the habits of spreadsheets', function (string $bytes, string $separator, array $records): void {
    expect(csvFile($bytes)->separator())->toBe($separator)
        ->and(records($bytes, $separator))->toBe($records);
})->with([
    'semicolons' => ["a;b;c\n1;2,5;3\n", ';', [1 => ['a', 'b', 'c'], 2 => ['1', '2,5', '3']]],
    'tabs' => ["a\tb\n1\t2\n", "\t", [1 => ['a', 'b'], 2 => ['1', '2']]],
    'blank lines and spaces' => ["\n\na , b\n   \n 1, 2 \n", ',', [3 => ['a', 'b'], 5 => ['1', '2']]],
    'old line ends within Windows ones' => ["a,b\r\n1,2\r\n", ',', [1 => ['a', 'b'], 2 => ['1', '2']]],
    'one column' => ["date\n2026-03-04\n", ',', [1 => ['date'], 2 => ['2026-03-04']]],
]);

it('tells encodings apart', function (string $bytes, string $encoding): void {
    $file = csvFile($bytes);
    expect($file->encoding)->toBe($encoding)
        ->and(iterator_to_array($file->records(','))[2])->toBe(['Grün', 'µg/L']);
})->with([
    ["a,b\nGrün,µg/L\n", 'UTF-8'],
    ["\xEF\xBB\xBFa,b\nGrün,µg/L\n", 'UTF-8'],
    ["\xFF\xFE".mb_convert_encoding("a,b\nGrün,µg/L\n", 'UTF-16LE', 'UTF-8'), 'UTF-16LE'],
    ["\xFE\xFF".mb_convert_encoding("a,b\r\nGrün,µg/L\r\n", 'UTF-16BE', 'UTF-8'), 'UTF-16BE'],
    [mb_convert_encoding("a,b\nGrün,µg/L\n", 'Windows-1252', 'UTF-8'), 'Windows-1252'],
]);

it('reads code page 850, whose letters Windows-1252 does not have', function (): void {
    // The bytes are those of the table in IBM CDRA, code page 00850: 81 ü, 84 ä, 90 É, 9D Ø.
    $file = csvFile("date,note\n2026-01-01,f\x81r \x84 \x90 \x9D\n");
    expect($file->encoding)
        ->toBe('CP850')
        ->and(iterator_to_array($file->records(','))[2])
        ->toBe(['2026-01-01', 'für ä É Ø']);
});

it('reads UTF-16 that is cut off or holds half a pair', function (string $tail, string $cell): void {
    expect(records("\xFF\xFE".mb_convert_encoding("a,b\n1,", 'UTF-16LE', 'UTF-8').$tail)[2])->toBe(['1', $cell]);
})->with([
    'a lone first half' => ["\x00\xD8", '?'],
    'a lone second half' => ["\x00\xDC", '?'],
    'half a unit' => ["2\x00\x33", '2?'],
    'a whole pair' => [mb_convert_encoding('😀', 'UTF-16LE', 'UTF-8'), '😀'],
    'a first half before a letter' => ["\x00\xD8a\x00", '?a'],
]);

it('reads long UTF-16 files whole, wherever a piece ends', function (int $shift): void {
    $line = "2026-01-01,8,ü😀\n";
    $bytes
        = "\xFF\xFE".mb_convert_encoding(str_repeat('x', $shift)."\n".str_repeat($line, 9000), 'UTF-16LE', 'UTF-8');
    $cells = array_unique(
        array_map(fn (array $record): string => implode('|', $record), array_slice(records($bytes), 1)),
    );
    expect($cells)->toBe(['2026-01-01|8|ü😀']);
})->with([0, 1, 2, 3]);

it('is not fooled by a character that the probe cuts in two', function (): void {
    $line = str_repeat('ä', 50)."\n";
    expect(csvFile('x'.str_repeat($line, 900))->encoding)->toBe('UTF-8');
});

it('says in a sentence why a file cannot be read', function (string $bytes, string $sentence): void {
    expect(fn () => records($bytes))->toThrow(UnreadableFile::class, $sentence);
})->with([
    'nothing' => ['', 'The file is empty'],
    'only line ends' => ["\r\n\r\n", 'The file is empty'],
    'zero bytes' => ["a,b\n1,\0\0\0\n", 'This is not a text file'],
    'control bytes' => ["PK\x03\x04\x14\x00", 'This is not a text file'],
    'zero bytes after a long start' => [str_repeat("aaaa,bbbb\n", 7000)."\0\0\n", 'This is not a text file'],
    'an open quote at the end' => ["a,b\n1,\"2\n", 'In line 2 a quote'],
    'an open quote that swallows the rest' => ["a,b\n1,\"2\n".str_repeat("3,4\n", 80), 'In line 2 a quote'],
    'a line without end' => ['a,'.str_repeat('b', 66_000), 'Line 1 is longer than 64 kB'],
]);

it('holds one record in memory, not the file', function (): void {
    $path = Temporary::path('ithys-csv');
    $out = fopen($path, 'wb');
    for ($i = 0; $i < 200_000; $i++) {
        fwrite($out, "2026-03-04 20:15,no3,8.5,ppm,a photometer,a note of some length\n");
    }
    fclose($out);
    $before = memory_get_usage();
    memory_reset_peak_usage();
    $count = 0;
    foreach (CsvFile::open($path)->records(',') as $record) {
        $count++;
    }
    $peak = memory_get_peak_usage() - $before;
    unlink($path);
    expect($count)->toBe(200_000)
        ->and($peak)->toBeLessThan(2_000_000);
});
