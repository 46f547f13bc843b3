<?php

declare(strict_types=1);

namespace App\Exchange;

use DomainException;

/** A file that cannot be read as what it was chosen for; the message is a sentence for the keeper. */
final class UnreadableFile extends DomainException
{
    public static function binary(): self
    {
        return new self('This is not a text file. Save the sheet as CSV and choose that file.');
    }

    public static function noPicture(bool $isNewCamera): self
    {
        return new self($isNewCamera
            ? 'This is a HEIC picture, which cannot be read here. Save or share it as JPEG and choose that file.'
            : 'This is no picture that can be read here. Choose a JPEG, PNG or WebP file.');
    }

    public static function brokenPicture(): self
    {
        return new self('The picture is damaged and cannot be read. Take it anew, or choose another file.');
    }

    public static function tooManyPixels(int $millions): self
    {
        return new self("The picture has more than {$millions} million pixels. Save it smaller and choose that file.");
    }

    public static function empty(): self
    {
        return new self('The file is empty. It needs a line with column names and at least one reading below it.');
    }

    public static function tooLarge(int $megabytes): self
    {
        return new self("The file is larger than {$megabytes} MB. Split it by year and import the parts.");
    }

    public static function lineTooLong(int $line): self
    {
        return new self("Line {$line} is longer than 64 kB; no reading is. Check that the file is a CSV table.");
    }

    public static function unterminatedQuote(int $line): self
    {
        return new self(
            "In line {$line} a quote (\") opens and is never closed. Close it or take it out, then choose the file "
                .'again.',
        );
    }

    public static function tooManyColumns(int $columns, int $most): self
    {
        return new self(
            'The first line has '
                .number_format($columns)
                ." columns; at most {$most} are read. Check the separator, or keep only date and readings.",
        );
    }

    public static function noHeader(string $first): self
    {
        return new self(
            "The first line looks like a reading (“{$first}”), not like column names. Put a line such as "
                .'“date,nitrate,phosphate” on top.',
        );
    }

    public static function noDateColumn(): self
    {
        return new self('No column is marked as the date. Choose which column holds it.');
    }

    public static function noReadingColumn(): self
    {
        return new self(
            'No column holds readings or what was done. Say below what a column holds, or which one names it and which '
                .'one is its value.',
        );
    }
}
