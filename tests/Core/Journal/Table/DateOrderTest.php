<?php

declare(strict_types=1);

use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Table\Column;
use Ithys\Journal\Table\ColumnRole;
use Ithys\Journal\Table\DateOrder;
use Ithys\Journal\Table\Done;

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
    [DateOrder::YearFirst, '2026/03/04', '', '2026-03-04 11:00'],
    [DateOrder::DayFirst, '2026.03.04', '8pm', '2026-03-04 19:00'],
    [DateOrder::YearFirst, '20260304', '20h15', '2026-03-04 19:15'],
    [DateOrder::YearFirst, '04-Mar-26', '', '2026-03-04 11:00'],
    [DateOrder::YearFirst, '4 March 2026', '1930', '2026-03-04 18:30'],
    [DateOrder::YearFirst, 'March 4th, 2026', '', '2026-03-04 11:00'],
    [DateOrder::YearFirst, 'Mar 4 2026 8:15 pm', '', '2026-03-04 19:15'],
    [DateOrder::YearFirst, '4. März 2026', '', '2026-03-04 11:00'],
    [DateOrder::YearFirst, '4 de marzo de 2026', '', '2026-03-04 11:00'],
    [DateOrder::YearFirst, '4 août 26', '', '2026-08-04 10:00'],
    [DateOrder::YearFirst, "4 Mar '26", '', '2026-03-04 11:00'],
    [DateOrder::YearFirst, '2026-Mar-04', '', '2026-03-04 11:00'],
    [DateOrder::YearFirst, 'Wed, 4 Mar 2026', '', '2026-03-04 11:00'],
    [DateOrder::DayFirst, 'Mi. 04.03.2026', '', '2026-03-04 11:00'],
    [DateOrder::DayFirst, '04. 03. 2026', '19.30 Uhr', '2026-03-04 18:30'],
    // Day numbers: 1 January 2000 is 36526 in every spreadsheet (checked against a spreadsheet's documentation, from
    // memory); a half is noon.
    [DateOrder::YearFirst, '36526', '', '2000-01-01 11:00'],
    [DateOrder::MonthFirst, '46174.8125', '', '2026-06-01 17:30'],
    [DateOrder::DayFirst, '46174,5', '20:15', '2026-06-01 18:15'],
    [DateOrder::ShortYearFirst, '26-03-04', '', '2026-03-04 11:00'],
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
    [DateOrder::DayFirst, '4608', ''],
    [DateOrder::DayFirst, '29999', ''],
    [DateOrder::DayFirst, '46174', 'evening'],
    [DateOrder::YearFirst, '26-06-12', ''],
    [DateOrder::DayFirst, '3 Foo 2026', ''],
    [DateOrder::DayFirst, '31 June 2026', ''],
    [DateOrder::DayFirst, 'Average', ''],
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
    [['03/03/2026', '03/10/2026', '04/03/2026', '04/10/2026', 'Average'], DateOrder::MonthFirst, true],
    [['04/10/2026', '04/03/2026', '03/10/2026', '03/03/2026'], DateOrder::MonthFirst, true],
    [['2026-06-01', '2026-06-08', '26-06-12'], DateOrder::YearFirst, false],
    [['26-06-12', '26-06-19', '26-06-26'], DateOrder::ShortYearFirst, true],
    [['01-Jun-26', '08-Jun-26'], DateOrder::YearFirst, false],
    [[], DateOrder::YearFirst, false],
]);

it('shows an example of its own order', function (DateOrder $order) use ($zone): void {
    expect($order->read($order->example(), '', $zone)?->format('Y-m-d'))->toBe('2026-03-24');
})->with(DateOrder::cases());

it('says how dates without a plain year are read', function (array $dates, array $said): void {
    expect(DateOrder::guess($dates)[0]->remarks($dates))->toBe($said);
})->with([
    [['2026-06-01', '2026-06-08'], []],
    [['46174', '46181'], ['Dates are day numbers of a spreadsheet: 46174 is read as 1 June 2026.']],
    [['Total', '01.06.26'], ['Years have two digits: 01.06.26 is read as 1 June 2026.']],
]);

it('sees what a column holds from its heading', function (
    string $heading,
    ColumnRole|Parameter|Done $use,
    string $unit = '',
    ?string $method = null,
): void {
    $column = Column::of(0, $heading);
    expect([$column->use, $column->unitKey(), $column->method])->toEqual([$use, $unit, $method]);
})->with([
    ['Date', ColumnRole::Date],
    ['Datum', ColumnRole::Date],
    ['time', ColumnRole::Time],
    ['Uhrzeit', ColumnRole::Time],
    ['Parameter', ColumnRole::Name],
    ['Wert', ColumnRole::Value],
    ['NO3', Parameter::Nitrate],
    ['NO3 (mg/L)', Parameter::Nitrate, 'ppm'],
    ['Nitrate [ppm]', Parameter::Nitrate, 'ppm'],
    ['NO3-N (ppm)', Parameter::Nitrate, 'ppm N'],
    ['NO3-N', Parameter::Nitrate, 'ppm N'],
    ['no3_n', Parameter::Nitrate, 'ppm N'],
    ['Nitrate as N (mg/L)', Parameter::Nitrate, 'ppm N'],
    ['Nitrate (N)', Parameter::Nitrate, 'ppm N'],
    ['Nitrate (NO3-) mg/L', Parameter::Nitrate, 'ppm'],
    ['Nitrate (NO3-N)', Parameter::Nitrate, 'ppm N'],
    ['Dosed vinegar (ml)', Done::tryFrom('vinegar'), 'mL'],
    ['GFO changed', Done::tryFrom('gfo')],
    ['Nitrate level', Parameter::Nitrate],
    ['Nitrate (white strips)', Parameter::Nitrate, '', 'white strips'],
    ['PO4 ppb P', Parameter::Phosphate, 'ppb P'],
    ['po4_ppb', Parameter::Phosphate, 'ppb'],
    ['Phosphate as P (ug/L)', Parameter::Phosphate, 'ppb P'],
    ['Phosphat', Parameter::Phosphate],
    ['Alkalinity', Parameter::Alkalinity],
    ['KH (°dH)', Parameter::Alkalinity, 'dKH'],
    ['Alk ppm', Parameter::Alkalinity, 'ppm CaCO3'],
    ['Alk (meq/L)', Parameter::Alkalinity, 'meq/L'],
    ['Temp °F', Parameter::Temperature, '°F'],
    ['SG', Parameter::Salinity, 'SG'],
    ['Salinity (psu)', Parameter::Salinity, 'ppt'],
    ['pH', Parameter::Acidity],
    ['ORP mV', Parameter::Redox, 'mV'],
    ['Unit', ColumnRole::Unit],
    ['Kit', ColumnRole::Method],
    ['Comment', ColumnRole::Note],
    ['cloudy', ColumnRole::Cloudy],
    ['Maintenance', ColumnRole::Line],
    ['Water change (L)', Done::tryFrom('water change'), 'L'],
    ['Water change %', Done::tryFrom('water change'), '%'],
    ['WC', Done::tryFrom('water change')],
    ['Vinegar ml', Done::tryFrom('vinegar'), 'mL'],
    ['GFO [g]', Done::tryFrom('gfo'), 'g'],
    ['Sock', Done::tryFrom('sock')],
    // What is like a reading by its first word is none.
    ['Nitrate target', ColumnRole::Ignore],
    ['Phosphate remover (g)', ColumnRole::Ignore],
    ['Calcium dose ml', ColumnRole::Ignore],
    ['Magnesium (g)', ColumnRole::Ignore],
    ['Salt (kg)', ColumnRole::Ignore],
    ['', ColumnRole::Ignore],
]);
