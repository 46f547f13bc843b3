<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

use Ithys\Journal\Reading\Basis;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\ParameterUnit;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Unit;

/** A column of a table: what it holds and what its figures are written in. */
final readonly class Column
{
    /** Words of a heading that leave a reading what it is. */
    private const HARMLESS = [
        'level', 'reading', 'readings', 'value', 'result', 'test', 'measured', 'tank', 'display', '#',
    ];

    /**
     * @param  int  $at  its place in a row, from 0
     * @param  ?ParameterUnit  $unit  of readings; null where none is given
     * @param  ?string  $limit  the figure below which the kit of the column shows nothing, as typed
     * @param  ?Sample  $sample  what its first cells hold; null before they were looked at
     */
    private function __construct(
        public int $at,
        public string $heading,
        public ColumnRole|Parameter|Done $use,
        public ?ParameterUnit $unit = null,
        public WrittenIn $written = new WrittenIn,
        public ?string $method = null,
        public ?string $limit = null,
        public ?Sample $sample = null,
    ) {
    }

    /** What a heading says by itself: "Nitrate as N (mg/L)", "po4_ppb", "Water change [L]", "Datum". */
    public static function of(int $at, string $heading): self
    {
        $spaced = trim((string) preg_replace('~[_\s]+~u', ' ', $heading));
        preg_match_all('~[(\[{]([^)\]}]*)[)\]}]~u', $spaced, $brackets);
        $behind = array_values(array_filter(array_map(trim(...), $brackets[1])));
        $bare = trim((string) preg_replace('~\s*[(\[{][^)\]}]*[)\]}]?~u', ' ', $spaced), " :.*\t");
        $role = ColumnRole::named($bare);
        if ($role !== null) {
            return new self($at, $heading, $role);
        }

        return self::done($at, $heading, $bare, $behind)
            ?? self::reading($at, $heading, $bare, $behind)
            ?? new self($at, $heading, ColumnRole::Ignore);
    }

    /**
     * The use that a keeper chose, by its key; what the heading said of units stays where it still fits.
     *
     * @param  string  $use  the value of a role, a parameter or something done
     */
    public function used(string $use): self
    {
        $chosen = ColumnRole::tryFrom($use) ?? Parameter::tryFrom($use) ?? Done::tryFrom($use);

        return $chosen === null || $chosen === $this->use ? $this : new self($this->at, $this->heading, $chosen);
    }

    /** In the unit that a keeper chose or a row of units says; unchanged where it cannot be one of this column. */
    public function in(string $unit): self
    {
        if ($this->use instanceof Parameter) {
            try {
                $parsed = ParameterUnit::parse($unit, $this->use);
            } catch (InvalidQuantity) {
                return $this;
            }

            return $this->but(unit: $parsed->withBasis($parsed->basis ?? $this->unit?->basis));
        }
        $written = $this->use instanceof Done ? $this->use->unit($unit) : null;

        return $written === null ? $this : $this->but(written: new WrittenIn($written));
    }

    /** In the unit that a keeper picked: an answer to any unit of the heading that is not known. */
    public function picked(string $unit): self
    {
        $in = $unit === '' ? $this : $this->in($unit);

        $isAsWritten = $in->unitKey() === $this->unitKey() && $this->unitKey() !== '' && ! $this->written->isPicked;

        return $in === $this || $isAsWritten
            ? $this
            : $in->but(written: new WrittenIn($in->written->done, isPicked: true));
    }

    public function withLimit(string $limit): self
    {
        return trim($limit) === '' ? $this : $this->but(limit: trim($limit));
    }

    public function withSample(Sample $sample): self
    {
        return $this->but(sample: $sample);
    }

    public function key(): string
    {
        return $this->use->value;
    }

    /** Whether what stands in it is a figure. */
    public function isFigure(): bool
    {
        return $this->use instanceof Parameter
            || $this->use === ColumnRole::Value
            || $this->use instanceof Done && $this->use->units() !== [];
    }

    /**
     * What its figures may be written in, as a keeper chooses it.
     *
     * @return list<string>
     */
    public function units(): array
    {
        return match (true) {
            $this->use instanceof Parameter => self::unitsOf($this->use),
            $this->use instanceof Done => $this->use->units(),
            default => [],
        };
    }

    /** The one of those that it is read in; empty where none is given. */
    public function unitKey(): string
    {
        if (! $this->use instanceof Parameter || $this->unit === null) {
            return $this->written->done;
        }
        if ($this->unit->moles !== null) {
            return $this->unit->moles;
        }
        $symbol = match ($this->unit->unit) {
            null => 'SG',
            Unit::MilligramPerLitre => Unit::PartPerMillion->value,
            Unit::MicrogramPerLitre => Unit::PartPerBillion->value,
            default => $this->unit->unit->value,
        };

        return $this->unit->basis === Basis::Element ? "{$symbol} ".self::element($this->use) : $symbol;
    }

    /** @return list<string> */
    private static function unitsOf(Parameter $parameter): array
    {
        return match ($parameter) {
            Parameter::Nitrate, Parameter::Nitrite, Parameter::Ammonia => ['ppm', 'ppb', 'ppm N', 'ppb N'],
            Parameter::Phosphate => ['ppm', 'ppb', 'ppm P', 'ppb P'],
            Parameter::Alkalinity => ['dKH', 'meq/L', 'ppm CaCO3'],
            Parameter::Calcium, Parameter::Magnesium => ['ppm'],
            Parameter::Temperature => ['°C', '°F'],
            Parameter::Salinity => ['ppt', 'SG'],
            Parameter::Redox => ['mV'],
            Parameter::Acidity, Parameter::Clarity => [],
        };
    }

    private static function element(Parameter $parameter): string
    {
        return $parameter === Parameter::Phosphate ? 'P' : 'N';
    }

    /** @param  list<string>  $behind  what stands in brackets */
    private static function done(int $at, string $heading, string $bare, array $behind): ?self
    {
        $words = explode(' ', $bare);
        $last = array_pop($words);
        foreach ([[$bare, ''], [implode(' ', $words), $last]] as [$name, $unit]) {
            $done = Done::named($name);
            $in = $done?->unit($unit === '' ? $behind[0] ?? '' : $unit);
            if ($done !== null && ($unit === '' || $in !== null || self::isUnitLike($unit))) {
                $written = $unit === '' ? $behind[0] ?? '' : $unit;

                return new self(
                    $at,
                    $heading,
                    $done,
                    written: new WrittenIn(
                        $in ?? '',
                        $in === null && $done->units() !== [] && self::isUnitLike($written) ? $written : '',
                    ),
                );
            }
        }

        return null;
    }

    /** @param  list<string>  $behind  what stands in brackets */
    private static function reading(int $at, string $heading, string $bare, array $behind): ?self
    {
        $words = preg_split('~[\s,:]+~u', $bare, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        for ($taken = count($words); $taken > 0; $taken--) {
            $named = Parameter::fromWord(implode(' ', array_slice($words, 0, $taken)));
            if ($named !== null) {
                break;
            }
        }
        if (! isset($named)) {
            return null;
        }
        [$parameter, $basis] = $named;
        $rest = array_values(array_filter(
            array_slice($words, $taken),
            static fn (string $word): bool => ! in_array(mb_strtolower($word), self::HARMLESS, true),
        ));
        $given = $rest === [] ? null : self::unit(implode(' ', $rest), $parameter);
        $unknown = '';
        if ($rest !== [] && $given === null) {
            if (! self::isUnitLike(implode(' ', $rest))) {
                return null;
            }
            $unknown = implode(' ', $rest);
        }
        $method = null;
        foreach ($behind as $text) {
            $again = Parameter::fromWord($text);
            if ($again !== null && $again[0] === $parameter) {
                // "Nitrate (NO3-N)" says its basis.
                $basis = $again[1];

                continue;
            }
            $written = self::unit($text, $parameter);
            $amount = Unit::fromWord($text, Unit::UsGallon)?->dimension();
            if ($written === null && in_array($amount, [Dimension::Mass, Dimension::Volume], true)) {
                // A figure in grams is no reading.
                return null;
            }
            if ($written === null && self::isUnitLike($text)) {
                $unknown = $text;

                continue;
            }
            $method = $written === null ? $text : $method;
            $given = $written ?? $given;
        }
        $isGravity = $parameter === Parameter::Salinity && preg_match('~^(sg|specific gravity)$~i', $bare) === 1;

        return new self($at, $heading, $parameter, match (true) {
            $given !== null => $given->withBasis($given->basis ?? $basis),
            $basis === Basis::Element => ParameterUnit::element(),
            $isGravity => ParameterUnit::parse('SG', $parameter),
            default => null,
        }, written: new WrittenIn(unknown: $unknown), method: $method);
    }

    /** Whether words of a heading are meant as a unit, known here or not. */
    private static function isUnitLike(string $text): bool
    {
        $plain = mb_strtolower(trim($text, ' .'));
        $isShort = preg_match('~^\S{1,12}$~u', $plain) === 1;

        // A meter is what a reading is made with.
        $known = Unit::fromWord($plain, Unit::UsGallon)?->dimension();

        return in_array($plain, Unit::GALLONS, true) || $known !== null && $known !== Dimension::Length
            || $isShort && preg_match(
                '~^[^/]*[\pL]/[\pL]|mol|^(?:drops?|tropfen|drips?|buckets?|eimer|scoops?|spoons?|caps?|capfuls?|'
                    .'pumps?|squirts?|ppt|dgh|gh|°.{1,4}|fh|grains?|units?|vol|m3|dl|cl|hl|gpg|cc|pt'
                    .'|pints?|qt|quarts?)$~u',
                $plain,
            ) === 1;
    }

    /** Null for what is no unit of the parameter; "N" and "as P" are units of the element in ppm. */
    private static function unit(string $text, Parameter $parameter): ?ParameterUnit
    {
        if (preg_match('~^(?:as )?[np]$~i', trim($text)) === 1 && $parameter->ionPerElement() !== 1.0) {
            return ParameterUnit::element();
        }
        try {
            return ParameterUnit::parse($text, $parameter);
        } catch (InvalidQuantity) {
            return null;
        }
    }

    private function but(
        ?ParameterUnit $unit = null,
        ?WrittenIn $written = null,
        ?string $limit = null,
        ?Sample $sample = null,
    ): self {
        return new self(
            $this->at,
            $this->heading,
            $this->use,
            $unit ?? $this->unit,
            $written ?? $this->written,
            $this->method,
            $limit ?? $this->limit,
            $sample ?? $this->sample,
        );
    }
}
