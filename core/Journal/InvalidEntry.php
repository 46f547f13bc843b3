<?php

declare(strict_types=1);

namespace Ithys\Journal;

use DateTimeImmutable;
use DomainException;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

/** A journal entry that cannot be; the message is a sentence for the keeper. */
final class InvalidEntry extends DomainException
{
    /** What is wrong; the message of the exception is the same in metric units. */
    public readonly Text $says;

    /** @param  list<string>  $instead  what could stand in place of the words that are wrong */
    private function __construct(Text|string $says, public readonly array $instead = [])
    {
        $this->says = Text::wrap($says);
        parent::__construct((new Words(UnitSystem::Metric))->say($this->says));
    }

    public static function missing(string $field): self
    {
        return new self("The entry has no “{$field}”.");
    }

    public static function unknown(string $field, string $value): self
    {
        return new self("“{$value}” is not a known {$field}.");
    }

    public static function outOfBounds(string $what, Quantity $least, Quantity $most): self
    {
        $says = Text::of('{what} must be between {least} and {most}.', what: $what, least: $least, most: $most);

        return new self($says);
    }

    public static function kitOfWhat(): self
    {
        return new self('Say what the kit reads, for example “new kit no3”.');
    }

    public static function noFigure(string $what, string $example): self
    {
        return new self("Say how much, for example “{$what} {$example}”.");
    }

    /**
     * An amount that says nothing of what it is in.
     *
     * @param  string  $phrase  as it is written, without a unit
     * @param  list<string>  $units  that it could be in
     */
    public static function inWhat(string $phrase, array $units): self
    {
        $instead = array_map(static fn (string $unit): string => "{$phrase} {$unit}", $units);

        return new self('Say in what: “'.implode('” or “', $instead).'”.', $instead);
    }

    /** @param  string  $meant  what the words seem to be */
    public static function misspelt(string $words, string $meant): self
    {
        return new self("“{$words}” was not understood here. Did you mean “{$meant}”?", [$meant]);
    }

    public static function twice(string $what): self
    {
        return new self("The line names a {$what} twice; write one.");
    }

    public static function onOrOff(): self
    {
        return new self('Say “skimmer on” or “skimmer off”.');
    }

    /** @param  list<string>  $instead  what the figure may have meant */
    public static function secondFigure(string $written, array $instead): self
    {
        return new self("“{$written}” may be a second reading or something else. Pick what you mean.", $instead);
    }

    /** @param  string  $amount  as it is written: "5 ml" */
    public static function whichCarbon(string $amount): self
    {
        $instead = ["activated carbon {$amount}", "vinegar {$amount}"];

        return new self(
            '“carbon” may be activated carbon or an organic carbon dose. Write “'.implode('” or “', $instead).'”.',
            $instead,
        );
    }

    public static function moreThanTheTank(Quantity $change, Quantity $tank): self
    {
        return new self(Text::of(
            'A water change of {change} is more than the {tank} of water in this tank.',
            change: $change,
            tank: $tank,
        ));
    }

    public static function noSuchTime(string $text): self
    {
        return new self("“{$text}” is not a time of day; write hours and minutes such as 20:15.");
    }

    public static function noSuchDate(string $text): self
    {
        return new self("There is no day “{$text}” in the calendar.");
    }

    public static function repeatWithoutDays(): self
    {
        return new self(
            'What is repeated needs its first and its last day, such as “weekly from 2026-04-01 to 2026-06-01”.',
        );
    }

    public static function tooManyTimes(int $times, int $most): self
    {
        return new self("That is {$times} times; one line can hold {$most}.");
    }

    public static function notRepeated(string $what): self
    {
        return new self("“{$what}” is what was read on one day; only what was done again and again is repeated.");
    }

    public static function notYet(): self
    {
        return new self('That moment is in the future; the journal holds what has happened.');
    }

    public static function repeatEndsFirst(): self
    {
        return new self('The last day lies before the first.');
    }

    public static function beforeReefTanks(string $text, int $earliest): self
    {
        return new self("“{$text}” is before {$earliest}; check the year.");
    }

    public static function timeThatNeverWas(DateTimeImmutable $after, string $time): self
    {
        return new self(
            "{$time} did not exist on {$after->format(
                'j F Y',
            )}: the clocks went forward. Write a time before or after the gap.",
        );
    }

    public static function timeThatCameTwice(DateTimeImmutable $at, string $first, string $second): self
    {
        return new self(
            "{$at->format('H:i')} came twice on {$at->format('j F Y')}, when the clocks went back. Write {$at->format(
                'H:i',
            )}{$first} for the first or {$at->format('H:i')}{$second} for the second.",
        );
    }

    /** @param  list<string>  $instead  the days that it can be */
    public static function ambiguousDate(string $text, array $instead = []): self
    {
        return new self("“{$text}” can be read with the day or the month first. Write 2026-03-04.", $instead);
    }

    public static function unreadableDate(string $text, string $example): self
    {
        return new self($text === '' ? 'The date is missing.' : "“{$text}” is not a date such as {$example}.");
    }

    public static function longerThan(string $what, int $most, int $has): self
    {
        return new self("The {$what} has {$has} characters; at most {$most} are kept. Shorten it.");
    }

    public static function inTheFuture(string $text): self
    {
        return new self("“{$text}” is in the future; a reading cannot be.");
    }

    public static function edited(string $written, string $stored): self
    {
        return new self("“{$written}” was edited, but the stored entry of this row is “{$stored}”. Empty “stored "
            .'entry” to take what you wrote, or put it back.');
    }

    public static function undetected(string $what, string $text): self
    {
        return new self("“{$text}” of {$what} needs the figure below which the kit shows nothing.");
    }

    /** @param  float  $typical  of the rest of the column, in the base unit of the figure */
    public static function surprising(string $cell, string $heading, Quantity $figure, float $typical): self
    {
        return new self(Text::of(
            '“{cell}” would be {figure}; the rest of “{heading}” is near {typical}. Is it a slip?',
            cell: $cell,
            figure: $figure,
            heading: $heading,
            typical: Quantity::base($typical, $figure->dimension),
        ));
    }

    public static function unreadableFigure(string $what, string $text, string $example): self
    {
        $such = "such as {$example} or <{$example}.";
        $isRange = preg_match('~^\d[\d.,]*\s*(?:-|–|to|bis)\s*\d~u', $text) === 1;

        return new self(match (true) {
            $text === '' => "The {$what} figure is missing.",
            $isRange => "“{$text}” of {$what} is a range; write one figure {$such}",
            default => "“{$text}” is no {$what} figure {$such}",
        });
    }
}
