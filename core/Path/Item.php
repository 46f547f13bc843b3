<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Media\Medium;

/** One piece of equipment on the path, with its keeper's figures and words. */
final readonly class Item
{
    /**
     * @param  string  $tag  the keeper's own word for the stage it belongs to
     * @param  string  $keptWhere  for a part taken out: where it lies
     * @param  array<string, float>  $figures  by {@see Figure}, in base units
     * @param  array<string, string>  $choices  by {@see Choice}
     * @param  list<Flag>  $flags
     * @param  list<Load>  $media  what a container holds
     */
    public function __construct(
        public string $id,
        public Kind $kind,
        public string $name = '',
        public string $tag = '',
        public string $note = '',
        public string $keptBecause = '',
        public string $keptWhere = '',
        private array $figures = [],
        private array $choices = [],
        public array $flags = [],
        public array $media = [],
    ) {
    }

    /** The keeper's name for it, or the catalogue's. */
    public function title(): string
    {
        return $this->name !== '' ? $this->name : $this->kind->label();
    }

    /** What tells it from others of its kind, in a few words: what it holds, how many, what it is rated. */
    public function brief(): string
    {
        $media = array_map(
            static fn (Load $load): string => $load->medium->label()
                .($load->grams === null ? '' : ' '.self::plain($load->grams).' g'),
            $this->media,
        );
        $grams = $this->figure(Figure::Grams);

        return implode(
            ', ',
            array_filter([
                $this->count() > 1 ? '×'.$this->count() : '',
                ...$media,
                $grams === null ? '' : self::plain($grams).' g',
                $this->choice(Choice::Material) ?? '',
                $this->choice(Choice::Hole) === null
                    ? ''
                    : str_replace('in', ' in', (string) $this->choice(Choice::Hole)),
                $this->figure(Figure::Micron) === null
                    ? ''
                    : self::plain((float) $this->figure(Figure::Micron)).' µm',
                $this->choice(Choice::Grade) ?? '',
                $this->kind->isAlgae()
                    ? self::plain($this->figure(Figure::Hours) ?? $this->kind->spec()->hours).' h light'
                    : '',
            ]),
        );
    }

    private static function plain(float $figure): string
    {
        return rtrim(rtrim(number_format($figure, 1), '0'), '.');
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
        return $this->holds(Medium::ActivatedCarbon) || $this->holds(Medium::Gfo);
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
    public function fineness(): ?int
    {
        if (! $this->kind->isMechanical() || $this->kind === Kind::DualPad) {
            return null;
        }
        $micron = $this->figure(Figure::Micron);
        if ($micron !== null) {
            return match (true) {
                $micron <= 300 => 3,
                $micron <= 800 => 2,
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
            ...$this->kind === Kind::Skimmer || $this->holds(Medium::ActivatedCarbon) || $this->holds(Medium::Resin)
                ? [Stage::Organics]
                : [],
            ...$this->kind->isAlgae()
            || $this->holds(Medium::Gfo)
            || $this->holds(Medium::Alumina)
            || $this->holds(Medium::Zeolite)
                ? [Stage::Uptake]
                : [],
        ];
    }

    /** Power of all units, W; the catalogue's estimate where the keeper gave none. */
    public function watts(): float
    {
        return $this->count() * ($this->figure(Figure::Watts) ?? $this->kind->spec()->watts ?? 0.0);
    }

    public function sockets(): int
    {
        return $this->count() * (int) ($this->figure(Figure::Sockets) ?? $this->kind->spec()->sockets);
    }

    /** Energy in a year, kWh. */
    public function kilowattHoursAYear(): float
    {
        return $this->watts() * ($this->figure(Figure::Hours) ?? $this->kind->spec()->hours) * 365.25 / 1000;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            ...array_filter(
                [
                    'name' => $this->name,
                    'tag' => $this->tag,
                    'note' => $this->note,
                    'keptBecause' => $this->keptBecause,
                    'keptWhere' => $this->keptWhere,
                ],
                static fn (string $text): bool => $text !== '',
            ),
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
