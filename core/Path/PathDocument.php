<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Media\Medium;
use Ithys\Quantity\UnitSystem;

/**
 * Reads the document of a path, as it is stored or as its keeper types it.
 *
 * An empty text is no figure; so a draft may stay unfinished. What it does not know is refused at its place.
 */
final class PathDocument
{
    /**
     * @param  array<mixed>  $typed
     *
     * @throws Refused
     */
    public static function typed(array $typed, UnitSystem $units): Path
    {
        return self::read(Reader::typed($typed, $units));
    }

    /**
     * @param  array<mixed>  $document  as {@see Path::toArray()} made it
     *
     * @throws Refused
     */
    public static function stored(array $document): Path
    {
        return self::read(Reader::stored($document, 'path', 'a path', Path::FORMAT, Path::SCHEMA));
    }

    /** The flow of a path or a line of it. */
    public static function flow(): Field
    {
        [$least, $most] = Figure::FlowLimit->bounds();

        return Field::of('litresPerHour', 'The flow', Figure::FlowLimit->dimension(), $least, $most);
    }

    public static function tankLitres(): Field
    {
        [$least, $most] = Figure::ClaimHigh->bounds();

        return Field::of('tankLitres', 'The water of the tank', Figure::ClaimHigh->dimension(), $least, $most);
    }

    private static function read(Reader $from): Path
    {
        $without = [];
        foreach ($from->keys('without') as $stage) {
            if (Stage::tryFrom($stage) === null) {
                $from->noteAt('without', "“{$stage}” is not a stage known here.");
            } else {
                $without[$stage] = $from->group('without', 'without')->text($stage);
            }
        }
        $read = [
            $from->text('name'),
            $from->word('style', Style::class, 'style', Style::Sump),
            self::flowOf($from, 'flow'),
            $from->word('stockNow', Stock::class, 'stocking', Stock::Medium),
            $from->word('stockPlanned', Stock::class, 'stocking', Stock::Medium),
            $without,
            array_map(self::line(...), $from->list('lines')),
            array_map(self::item(...), $from->list('removed')),
        ];
        $from->close();

        return Path::of(...$read);
    }

    private static function line(Reader $from): Line
    {
        $id = self::id($from, 'line');
        $from = $from->at("line.{$id}");

        return new Line(
            $id,
            array_map(self::item(...), $from->list('items')),
            $from->text('name'),
            $from->text('from') ?: null,
            $from->text('to') ?: null,
            self::flowOf($from, "line.{$id}.flow"),
            $from->flag('tank'),
            $from->figure(self::tankLitres()),
        );
    }

    /** A flow is called so on screen, whatever its key. */
    private static function flowOf(Reader $from, string $place): ?float
    {
        return $from->figureHere(self::flow(), $place);
    }

    private static function item(Reader $from): Item
    {
        $id = self::id($from, 'item');
        $at = "item.{$id}";
        $from = $from->at($at);
        $kind = Kind::tryFrom($from->text('kind'));
        if ($kind === null) {
            $from->note("“{$from->text('kind')}” is not a kind of equipment known here.");
        }

        return new Item(
            $id,
            $kind ?? Kind::Pad,
            new ItemWords(
                $from->text('name'),
                $from->text('tag'),
                $from->text('note'),
                $from->text('keptBecause'),
                $from->text('keptWhere'),
            ),
            self::figures($from, $at),
            self::choices($from, $at),
            self::flags($from),
            array_map(self::load(...), $from->list('media')),
        );
    }

    /** @return array<string, float> by {@see Figure} */
    private static function figures(Reader $from, string $at): array
    {
        $figures = [];
        foreach ($from->keys('figures') as $key) {
            $known = Figure::tryFrom($key);
            if ($known === null) {
                $from->note("“{$key}” is not a figure known here.");

                continue;
            }
            $value = $from->group('figures', $at)->figure($known->field());
            if ($value !== null) {
                $figures[$key] = $value;
            }
        }

        return $figures;
    }

    /** @return array<string, string> by {@see Choice} */
    private static function choices(Reader $from, string $at): array
    {
        $choices = [];
        foreach ($from->keys('choices') as $key) {
            $known = Choice::tryFrom($key);
            $word = $from->group('choices', $at)->text($key);
            if ($known === null) {
                $from->note("“{$key}” is not a choice known here.");
            } elseif ($word !== '' && ! isset($known->options()[$word])) {
                $from->note("“{$word}” is not a word known here.", $key);
            } elseif ($word !== '') {
                $choices[$key] = $word;
            }
        }

        return $choices;
    }

    /** @return list<Flag> */
    private static function flags(Reader $from): array
    {
        $flags = [];
        foreach ($from->values('flags') as $word) {
            $flag = is_string($word) ? Flag::tryFrom($word) : null;
            if ($flag === null) {
                $from->note(sprintf('“%s” is not a property known here.', is_scalar($word) ? (string) $word : ''));
            } else {
                $flags[] = $flag;
            }
        }

        return $flags;
    }

    private static function load(Reader $from): Load
    {
        $medium = Medium::tryFrom($from->text('medium'));
        if ($medium === null) {
            $from->note("“{$from->text('medium')}” is not a medium known here.");
        }

        return new Load($medium ?? Medium::Gfo, $from->figureHere(Figure::Grams->field()->called('grams')));
    }

    private static function id(Reader $from, string $what): string
    {
        $id = $from->text('id');
        if (preg_match('~^[a-z0-9-]{1,24}$~D', $id) !== 1) {
            $from->noteAt(
                'path',
                "An {$what} has no mark of its own; one is 1 to 24 small letters, digits and dashes.",
            );
        }

        return $id;
    }
}
