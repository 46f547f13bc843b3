<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Document\Refused;

/** What a path as a whole cannot be, at the place where it would be mended. */
final class PathFault
{
    public static function twice(Item $item): Refused
    {
        return Refused::places([
            "item.{$item->id}" => "“{$item->title()}” stands in two places; an item can stand in one. Take it out of "
                .'the other, or add a second one.',
        ]);
    }

    public static function twoReturns(Item $second): Refused
    {
        return Refused::places([
            "item.{$second->id}" => "“{$second->title()}” is a second return pump. A path has one: for two pumps side "
                .'by side set its number to 2; for a pump of a branch use a feed pump.',
        ]);
    }

    public static function cycle(Line $line): Refused
    {
        return Refused::places([
            "line.{$line->id}.from" => "“{$line->title()}” takes its water from a line that takes it from "
                ."“{$line->title()}”: no water would ever reach either. Take it from an item of the main line.",
        ]);
    }

    public static function nowhere(Line $line): Refused
    {
        return Refused::places([
            "line.{$line->id}.to" => "“{$line->title()}” gives its water to a line that gives it back to "
                ."“{$line->title()}”: it would never return to the tank. Give it back to an item of the main line.",
        ]);
    }

    public static function noSuchItem(Line $line, string $end): Refused
    {
        return Refused::places([
            "line.{$line->id}.{$end}" => "“{$line->title()}” is joined to an item that is not on the path. Choose "
                .'another.',
        ]);
    }
}
