<?php

declare(strict_types=1);

use Ithys\Journal\Table\FormulaGuard;

// What begins with =, +, -, @, tab or carriage return is run by spreadsheets: OWASP, CSV injection.

it('guards what a spreadsheet would run, and reads back what was written', function (string $words): void {
    $written = FormulaGuard::on($words);
    expect($written)->not->toMatch('~^[=+\-@\t\r]~')->and(FormulaGuard::off($written))->toBe($words);
})->with([
    '=cmd|\' /C calc\'!A0',
    '+1',
    '-1',
    '@sum',
    "\t=1",
    "\r=1",
    '\'=1',
    '\'\'=1',
    '\'quoted\'',
    'plain',
    '',
    '5 = 5',
    '\'',
]);

it('leaves alone what is no formula', function (): void {
    expect(FormulaGuard::on('pocket photometer'))
        ->toBe('pocket photometer')
        ->and(FormulaGuard::off("'tis fine"))
        ->toBe("'tis fine");
});
