<?php

declare(strict_types=1);

use App\Exchange\ColumnRole;
use App\Exchange\DateOrder;

$zone = new DateTimeZone('Europe/Berlin');

it('reads dates as people write them', function (DateOrder $order, string $date, string $time, string $utc) use (
    $zone,
): void {
    expect($order->read($date, $time, $zone)?->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i'))->toBe($utc);
})->with([
    [DateOrder::YearFirst, '2026-03-04', '', '2026-03-04 11:00'],
    [DateOrder::YearFirst, '2026-03-04 20:15', '', '2026-03-04 19:15'],
    [DateOrder::YearFirst, '2026-03-04T20:15:30', '', '2026-03-04 19:15'],
    [DateOrder::YearFirst, '2026-03-04T20:15:30.123Z', '', '2026-03-04 20:15'],
    [DateOrder::YearFirst, '2026-03-04T20:15+0200', '', '2026-03-04 18:15'],
    [DateOrder::YearFirst, '2026-03-04T20:15-05:00', '', '2026-03-05 01:15'],
    [DateOrder::YearFirst, '2026-7-4', '9:05', '2026-07-04 07:05'],
    [DateOrder::DayFirst, '4.3.2026', '', '2026-03-04 11:00'],
    [DateOrder::DayFirst, '04/03/2026', '20:15', '2026-03-04 19:15'],
    [DateOrder::DayFirst, '4-3-26 8:30 pm', '', '2026-03-04 19:30'],
    [DateOrder::MonthFirst, '3/4/2026', '12:05 AM', '2026-03-03 23:05'],
    [DateOrder::MonthFirst, '03/04/26 12:00 pm', '', '2026-03-04 11:00'],
    [DateOrder::DayFirst, '2026-03-04', '', '2026-03-04 11:00'],
    [DateOrder::MonthFirst, '2026-03-04', '', '2026-03-04 11:00'],
]);

it('reads no date into what is none', function (DateOrder $order, string $date, string $time) use ($zone): void {
    expect($order->read($date, $time, $zone))->toBeNull();
})->with([
    [DateOrder::YearFirst, '', ''],
    [DateOrder::YearFirst, 'yesterday', ''],
    [DateOrder::YearFirst, '2026-02-30', ''],
    [DateOrder::YearFirst, '2026-13-01', ''],
    [DateOrder::YearFirst, '2026-03-04 25:00', ''],
    [DateOrder::YearFirst, '2026-03-04', 'evening'],
    [DateOrder::YearFirst, '4/3/2026', ''],
    [DateOrder::YearFirst, '2026-03-04T12:00+99:99', ''],
    [DateOrder::YearFirst, '2026-03-04 12:00 +15:00', ''],
    [DateOrder::DayFirst, '3/14/2026', ''],
    [DateOrder::MonthFirst, '14/3/2026', ''],
    [DateOrder::MonthFirst, '3/4/2026', '13:00 pm'],
    [DateOrder::DayFirst, '46085', ''],
]);

it('sees which order fits, and when two do', function (array $dates, DateOrder $order, bool $ambiguous): void {
    expect(DateOrder::guess($dates))->toBe([$order, $ambiguous]);
})->with([
    [['2026-03-04', '2026-03-05'], DateOrder::YearFirst, false],
    [['3/4/2026', '13/4/2026'], DateOrder::DayFirst, false],
    [['3/4/2026', '4/13/2026'], DateOrder::MonthFirst, false],
    [['3/4/2026', '4/5/2026'], DateOrder::DayFirst, true],
    [['3.4.2026', '4.5.2026'], DateOrder::DayFirst, false],
    [['3/4/2026', '4/13/2026', 'last week'], DateOrder::MonthFirst, false],
]);

it('shows an example of its own order', function (DateOrder $order) use ($zone): void {
    expect($order->read($order->example(), '', $zone)?->format('Y-m-d'))->toBe('2026-03-24');
})->with(DateOrder::cases());

it('guesses what a column holds from its name', function (string $name, ColumnRole $role): void {
    expect(ColumnRole::guess($name))->toBe($role);
})->with([
    ['Date', ColumnRole::Date],
    ['Datum', ColumnRole::Date],
    ['time', ColumnRole::Time],
    ['Uhrzeit', ColumnRole::Time],
    ['Parameter', ColumnRole::Parameter],
    ['Wert', ColumnRole::Value],
    ['NO3', ColumnRole::Nitrate],
    ['NO3 (mg/L)', ColumnRole::Nitrate],
    ['Nitrate [ppm]', ColumnRole::Nitrate],
    ['NO3-N (ppm)', ColumnRole::Nitrate],
    ['PO4 ppb P', ColumnRole::Phosphate],
    ['Phosphat', ColumnRole::Phosphate],
    ['Unit', ColumnRole::Unit],
    ['Kit', ColumnRole::Method],
    ['Comment', ColumnRole::Note],
    ['cloudy', ColumnRole::Cloudy],
    ['Alkalinity', ColumnRole::Ignore],
    ['', ColumnRole::Ignore],
]);
