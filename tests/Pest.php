<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Tests\Support\TestClock;
use Tests\TestCase;

TestClock::set();

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Http', 'Console', 'Slow/Requests');
pest()->extend(TestCase::class)->in('Running', 'Slow/Server');

/** A text in the units of a reader. */
function said(Text|Quantity|string|int $text, UnitSystem $units = UnitSystem::Metric): string
{
    return (new Words($units))->say($text);
}

/** Relative agreement, as the reference tables give their tolerance. */
expect()->extend('toAgreeWith', function (float $expected, float $relative = 1e-12) {
    $tolerance = $relative * max(abs($expected), 1e-300);
    expect(abs($this->value - $expected))->toBeLessThanOrEqual(
        $tolerance,
        "{$this->value} is not within {$relative} of {$expected}",
    );

    return $this;
});

/** Valid by the document type definition of SVG 1.1 second edition (W3C, 2011), which Debian's w3c-sgml-lib brings. */
expect()->extend('toBeValidSvg', function () {
    $rules = 'file:///usr/share/xml/w3c-sgml-lib/schema/dtd/REC-SVG11-20110816/svg11.dtd';
    $document = preg_replace(
        '~(<\?xml[^>]*\?>)?\s*<svg~',
        '<?xml version="1.0" encoding="UTF-8"?><!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "'.$rules.'"><svg',
        (string) $this->value,
        1,
    );
    $before = libxml_use_internal_errors(true);
    $svg = new DOMDocument;
    $valid = $svg->loadXML((string) $document, LIBXML_NONET) && $svg->validate();
    $errors = array_map(
        fn (LibXMLError $error): string => trim($error->message),
        array_slice(libxml_get_errors(), 0, 5),
    );
    libxml_clear_errors();
    libxml_use_internal_errors($before);
    expect($valid)
        ->toBeTrue(implode('; ', $errors))
        ->and($svg->documentElement?->namespaceURI)
        ->toBe('http://www.w3.org/2000/svg');

    return $this;
});
