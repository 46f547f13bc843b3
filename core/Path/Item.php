<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Media\Medium;
use Ithys\Media\Removes;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** One piece of equipment on the path, with its keeper's figures and words. */
final readonly class Item
{
    /**
     * @param  array<string, float>  $figures  by {@see Figure}, in base units
     * @param  array<string, string>  $choices  by {@see Choice}
     * @param  list<Flag>  $flags
     * @param  list<Load>  $media  what a container holds
     */
    public function __construct(
        public string $id,
        public Kind $kind,
        public ItemWords $words = new ItemWords,
        private array $figures = [],
        private array $choices = [],
        public array $flags = [],
        public array $media = [],
    ) {
    }

    /** The keeper's name for it, or the catalogue's. */
    public function title(): string
    {
        return $this->words->name !== '' ? $this->words->name : $this->kind->label();
    }

    /** What tells it from others of its kind, in a few words: what it holds, how many, what it is rated. */
    public function brief(Assumptions $assumptions): Text
    {
        $micron = $this->figure(Figure::Micron);
        $hole = $this->choice(Choice::Hole);

        return Text::join(', ', array_filter([
            $this->count() > 1 ? "×{$this->count()}" : null,
            ...array_map(
                static fn (Load $load): Text => self::amount($load->medium->label(), $load->grams),
                $this->media,
            ),
            $this->figure(Figure::Grams) === null ? null : self::amount('', $this->figure(Figure::Grams)),
            $this->choice(Choice::Material),
            $hole === null ? null : str_replace('in', ' in', $hole),
            $micron === null ? null : Quantity::base($micron, Dimension::Micron, 0),
            $this->choice(Choice::Grade),
            $this->kind->isAlgae()
                ? Text::of('{hours} light', hours: Quantity::base($this->hours($assumptions), Dimension::Hours))
                : null,
        ], static fn (mixed $part): bool => $part !== null));
    }

    private static function amount(string $what, ?float $grams): Text
    {
        $amount = $grams === null ? '' : Quantity::grams($grams);

        return Text::of($what === '' || $grams === null ? '{what}{amount}' : '{what} {amount}', ...[
            'what' => $what,
            'amount' => $amount,
        ]);
    }

    public function figure(Figure $figure): ?float
    {
        return $this->figures[$figure->value] ?? null;
    }

    public function choice(Choice $choice): ?string
    {
        return $this->choices[$choice->value] ?? null;
    }

    public function is(Flag $flag): bool
    {
        return in_array($flag, $this->flags, true);
    }

    public function count(): int
    {
        return (int) ($this->figure(Figure::Count) ?? 1.0);
    }

    public function holds(Medium $medium): bool
    {
        foreach ($this->media as $load) {
            if ($load->medium === $medium) {
                return true;
            }
        }

        return $medium === Medium::Zeolite && $this->kind === Kind::Zeolite;
    }

    /** Carbon and GFO shed fine dust when fresh and when they rub. */
    public function isDusty(): bool
    {
        foreach ($this->media as $load) {
            if ($load->medium->definition()->isDusty) {
                return true;
            }
        }

        return false;
    }

    /** Whether it holds media of any kind, so that solids should be caught before it. */
    public function isBiologicalOrChemical(): bool
    {
        return $this->media !== [] || $this->kind === Kind::Biological || $this->kind === Kind::Zeolite;
    }

    /**
     * How fine it catches: 1 coarse, 2 medium, 3 fine; null for what catches no solids or takes coarse and fine in
     * turn.
     */
    public function fineness(Assumptions $assumptions): ?int
    {
        if (! $this->kind->isMechanical() || $this->kind === Kind::DualPad) {
            return null;
        }
        $micron = $this->figure(Figure::Micron);
        if ($micron !== null) {
            return match (true) {
                $micron <= $assumptions->value(Assumed::CoarseSock) => 3,
                $micron <= $assumptions->value(Assumed::CoarsePad) => 2,
                default => 1,
            };
        }

        return match ($this->choice(Choice::Grade)) {
            'coarse' => 1,
            'medium' => 2,
            'fine' => 3,
            default => in_array($this->kind, [Kind::PreFilter, Kind::Sponge], true)
                ? 1
                : ($this->kind === Kind::Pad
                    ? 2
                    : 3),
        };
    }

    /** @return list<Stage> which of the three stages of export it serves */
    public function stages(): array
    {
        return [
            ...$this->kind->isMechanical() ? [Stage::Solids] : [],
            ...$this->kind === Kind::Skimmer || $this->removes(Removes::Organics) ? [Stage::Organics] : [],
            ...$this->kind->isAlgae() || $this->removes(Removes::Phosphate) || $this->removes(Removes::Ammonia)
                ? [Stage::Uptake]
                : [],
        ];
    }

    /** Whether what it takes up holds nitrogen too: algae take nitrate and ammonia, zeolite ammonia. */
    public function takesNitrogen(): bool
    {
        return $this->kind->isAlgae() || $this->removes(Removes::Ammonia);
    }

    private function removes(Removes $what): bool
    {
        foreach (Medium::cases() as $medium) {
            if ($medium->definition()->removes === $what && $this->holds($medium)) {
                return true;
            }
        }

        return false;
    }

    /** Hours a day it runs; usual ones where the keeper gave none. */
    public function hours(Assumptions $assumptions): float
    {
        $usual = $this->kind->isPowered() ? $assumptions->value("hours-{$this->kind->value}") : 24.0;

        return $this->figure(Figure::Hours) ?? $usual;
    }

    public function sockets(): int
    {
        return $this->count() * (int) ($this->figure(Figure::Sockets) ?? $this->kind->spec()->sockets);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            ...$this->words->toArray(),
            ...array_filter(
                [
                    'figures' => $this->figures,
                    'choices' => $this->choices,
                    'flags' => array_map(static fn (Flag $flag): string => $flag->value, $this->flags),
                    'media' => array_map(
                        static fn (Load $load): array => [
                            'medium' => $load->medium->value,
                            ...$load->grams === null ? [] : ['grams' => $load->grams],
                        ],
                        $this->media,
                    ),
                ],
                static fn (array $list): bool => $list !== [],
            ),
        ];
    }
}
