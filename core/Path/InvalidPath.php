<?php

declare(strict_types=1);

namespace Ithys\Path;

use DomainException;

/**
 * A path that cannot be; `$problems` says per place what is wrong. Places read "item.i3.watts", "line.b1.from" or
 * "flow".
 */
final class InvalidPath extends DomainException
{
    /** @param  array<string, string>  $problems sentence per place */
    private function __construct(string $message, public readonly array $problems)
    {
        parent::__construct($message);
    }

    /** @param  non-empty-array<string, string>  $problems */
    public static function places(array $problems): self
    {
        return new self(implode(' ', $problems), $problems);
    }

    public static function unreadable(string $what): self
    {
        return self::places(['path' => $what]);
    }

    public static function twice(Item $item): self
    {
        return self::places([
            "item.{$item->id}" => "“{$item->title()}” stands in two places; an item can stand in one. Take it out of "
                .'the other, or add a second one.',
        ]);
    }

    public static function twoReturns(Item $second): self
    {
        return self::places([
            "item.{$second->id}" => "“{$second->title()}” is a second return pump. A path has one: for two pumps side "
                .'by side set its number to 2; for a pump of a branch use a feed pump.',
        ]);
    }

    public static function cycle(Line $line): self
    {
        return self::places([
            "line.{$line->id}.from" => "“{$line->title()}” takes its water from a line that takes it from "
                ."“{$line->title()}”: no water would ever reach either. Take it from an item of the main line.",
        ]);
    }

    public static function nowhere(Line $line): self
    {
        return self::places([
            "line.{$line->id}.to" => "“{$line->title()}” gives its water to a line that gives it back to "
                ."“{$line->title()}”: it would never return to the tank. Give it back to an item of the main line.",
        ]);
    }

    public static function noSuchItem(Line $line, string $end): self
    {
        return self::places([
            "line.{$line->id}.{$end}" => "“{$line->title()}” is joined to an item that is not on the path. Choose "
                .'another.',
        ]);
    }
}
