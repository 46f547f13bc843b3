<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\MonthName;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Journal\QuickEntry\WrittenAmount;
use Ithys\Journal\Table\CellFigure;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;

/** "no3 8.5", "po4 <0.02 ppm", "po4-p 18 ppb", "po4 0.06 0.08 0.07", "alk 8.1 kit drops", "sg 1.025", "cloudy". */
final class ReadingRule implements Rule
{
    /** Between what is read and its figure. */
    private const JOINING = [
        'is', 'was', 'were', 'at', 'of', 'reads', 'read', 'reading', 'level', 'test', 'tested', 'about',
    ];

    /** Share by which two readings of one test may differ. */
    private const AGAIN = 0.35;

    /** Words that may follow the last of several figures. */
    private const BESIDE = ['cloudy', 'kit', 'today', 'yesterday', 'and', 'sure', 'at', 'on'];

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        if ($tokens->take('cloudy')) {
            $draft->cloudy = true;

            return true;
        }
        $start = $tokens->position;
        $tokens->take('tested', 'measured', 'test');
        $named = $this->named($tokens);
        if ($named === null) {
            $tokens->position = $start;

            return $this->readJoined($tokens, $draft, $context);
        }
        while ($tokens->take(...self::JOINING)) {
            continue;
        }
        [$parameter] = $named;
        if (CellFigure::isUndetected($tokens->peek()->word ?? '')) {
            $word = $tokens->takeText(1);
            throw InvalidEntry::undetected($parameter->label(), $word);
        }
        $amount = $this->amount($tokens, $parameter) ?? throw InvalidEntry::noFigure($parameter->label(), '8.5');
        $amounts = [$amount];
        // More figures in a row are the same test done again.
        while (
            preg_match('~^[<\~]?\d*[.,]?\d+$~', $tokens->peek()->word ?? '') === 1
            && ! $this->isElsewhere($tokens, $parameter)
        ) {
            $begin = $tokens->textFrom($start);
            $again = $this->amount($tokens, $parameter);
            if ($again === null) {
                break;
            }
            $this->askIfOther($begin, $amount, $again, $parameter, $context);
            $amounts[] = $again;
        }
        // A unit behind the last is that of all: "po4 60 80 ppb".
        $unit = $amounts[count($amounts) - 1]->unit;
        $amounts = array_map(static fn (WrittenAmount $one): WrittenAmount => $one->in($one->unit ?? $unit), $amounts);
        $basis = $tokens->take('n', 'p') ? Basis::Element : $named[1];
        foreach ($amounts as $one) {
            $this->add($draft, $parameter, $basis, $one, $start, $context);
        }

        return true;
    }

    public function words(): array
    {
        return [
            'no3', 'po4', 'nitrate', 'phosphate', 'nitrite', 'ammonia', 'alkalinity', 'calcium', 'magnesium',
            'salinity', 'temperature', 'cloudy',
        ];
    }

    /** @return array{Parameter, Basis}|null */
    private function named(Tokens $tokens): ?array
    {
        $first = rtrim($tokens->peek()->word ?? '', '=:');
        foreach ([2, 1] as $words) {
            $named = Parameter::fromWord($words === 2 ? $first.' '.($tokens->peek(1)->word ?? '') : $first);
            if ($named !== null) {
                $tokens->position += $words;

                return $named;
            }
        }

        return null;
    }

    /**
     * A second figure is the same test done again only where it could be: "no3 8 10.30" and "no3 8 20.11" may name a
     * time or a day, and "no3 12 5" may be 12.5.
     *
     * @throws InvalidEntry when it cannot be told
     */
    private function askIfOther(
        string $begin,
        WrittenAmount $first,
        WrittenAmount $again,
        Parameter $parameter,
        Context $context,
    ): void {
        [$a, $b] = [$first->number, $again->number];
        $isNear = abs($a - $b) <= max(2 * $parameter->resolution(), self::AGAIN * max(abs($a), abs($b)));
        $instead = [];
        if (
            preg_match('~^(\d{1,2})[.,](\d{2})$~', $again->written, $part) === 1
            && $part[1] !== '0'
            && ! ($isNear && abs($first->step - $again->step) < 1e-9)
        ) {
            [, $one, $two] = array_map(intval(...), $part);
            if ($one < 24 && $two < 60 && sprintf('%02d:%02d', $one, $two) <= $context->now->format('H:i')) {
                $instead[] = sprintf('%s %02d:%02d', $begin, $one, $two);
            }
            if ($one > 0 && $one <= 31 && $two > 0 && $two <= 12) {
                $instead[] = sprintf('%s %d %s', $begin, $one, MonthName::short($two));
            }
        }
        if ($instead === [] && $isNear) {
            return;
        }
        if ($instead === [] && ctype_digit($again->written) && ctype_digit($first->written)) {
            $instead[] = "{$begin}.{$again->written}";
        }
        $name = explode(' ', $begin)[0];
        throw InvalidEntry::secondFigure($again->written, [...$instead, "{$begin}, {$name} {$again->written}"]);
    }

    /** @phpstan-impure */
    private function amount(Tokens $tokens, Parameter $parameter): ?WrittenAmount
    {
        // Readings are not written in fractions: "no3 1/2" is a day, or half a line.
        if (preg_match('~^[<\~]?[\d.,]*\d/\d~', $tokens->peek()->word ?? '') === 1) {
            return null;
        }
        // "ca 420 mg 1350" are calcium and magnesium, not milligrams.
        $isNext = preg_match('~^[<\~]?[\d.,]+$~', $tokens->peek()->word ?? '') === 1
            && Parameter::fromWord($tokens->peek(1)->word ?? '') !== null
            && preg_match('~^[<\~]?[\d.,]+~', $tokens->peek(2)->word ?? '') === 1;
        if ($isNext) {
            return $tokens->bareFigure();
        }

        return $tokens->amount(
            $parameter->dimension(),
            ...$parameter === Parameter::Alkalinity ? [Dimension::Concentration] : [],
        );
    }

    /** Whether the figure here begins something else: "no3 8 3 days ago", "no3 8 2 cubes". */
    private function isElsewhere(Tokens $tokens, Parameter $parameter): bool
    {
        $next = $tokens->peek(1)->word ?? '';
        if (Parameter::fromWord(rtrim($next, '=:')) !== null) {
            // "8.5 no3 0.06 po4": the figure is that of the name behind it, which has no other.
            return preg_match('~^[<\~=:]?[\d.,]+~', $tokens->peek(2)->word ?? '') !== 1
                && preg_match('~[=:]$~', $next) !== 1;
        }
        $unit = in_array($next, Unit::GALLONS, true) ? null : Unit::fromWord($next);
        $isUnit = $unit?->dimension() === $parameter->dimension();

        return ! $isUnit && preg_match('~^(?:[^\W\d_]|%)~u', $next) === 1
            && ! in_array($next, self::BESIDE, true);
    }

    /** "no3=8.5" or "no3:8.5" written as one word. */
    private function readJoined(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $parts = preg_split('~[=:]~', $tokens->peek()->text ?? '', 2) ?: [];
        $named = Parameter::fromWord($parts[0] ?? '');
        if ($named === null || ! isset($parts[1])) {
            return false;
        }
        $amount
            = $this->amount(Tokens::of($parts[1], null), $named[0])
            ?? throw InvalidEntry::noFigure($named[0]->label(), '8.5');
        $this->add($draft, $named[0], $named[1], $amount, $tokens->position++, $context);

        return true;
    }

    private function add(
        Draft $draft,
        Parameter $parameter,
        Basis $basis,
        WrittenAmount $amount,
        int $position,
        Context $context,
    ): void {
        $unit = $amount->unit === null
            ? ParameterUnit::bare($parameter, $amount->number, $context->units)
            : ParameterUnit::of($amount->unit, $parameter);
        $reading = Reading::of(
            $parameter,
            $unit->base($amount->number),
            $basis,
            $unit->difference($amount->step),
            $amount->below,
            method: $context->kits[$parameter->value] ?? null,
        );
        $draft->add($amount->approximate ? $reading->approximately() : $reading, $position);
    }
}
