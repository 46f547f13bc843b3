<?php

declare(strict_types=1);

namespace Ithys\Care\Stock;

use Ithys\Assumption\Assumptions;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Care\Care;
use Ithys\Journal\Care\Deed;
use Ithys\Journal\Care\Part;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Media\Medium;

/** Something that is bought and used up, in what it is counted, and which entries of the journal use how much of it. */
final readonly class Consumable
{
    public const SOCK = 'sock';

    public const ROLL = 'roll';

    public const OTHER = 'other';

    /** Parts that are thrown away when they are changed. */
    private const PARTS = [
        'pad' => Part::Pad, 'floss' => Part::Floss, 'sponge' => Part::Sponge, 'roll' => Part::Roller,
    ];

    /** What a kit is bought for. */
    private const TESTED = [
        Parameter::Nitrate, Parameter::Phosphate, Parameter::Alkalinity, Parameter::Ammonia, Parameter::Calcium,
        Parameter::Magnesium,
    ];

    private function __construct(
        public string $key,
        public string $label,
        /** What it is counted in. */
        public string $unit,
        /** The assumption that has its price, for one of the unit. */
        public ?string $priceKey,
    ) {
    }

    /** @return array<string, self> by key */
    public static function all(): array
    {
        $all = [
            new self(self::SOCK, 'Socks', 'pieces', 'price-sock'),
            new self('pad', 'Pads', 'pieces', 'price-pad'),
            new self('floss', 'Floss', 'pieces', 'price-floss'),
            new self('sponge', 'Sponges', 'pieces', 'price-sponge'),
            new self(self::ROLL, 'Fleece rolls', 'rolls', null),
        ];
        foreach (Medium::cases() as $one) {
            $all[] = new self("medium {$one->value}", $one->label(), 'g', (string) $one->key('price'));
        }
        foreach (Food::cases() as $one) {
            $all[] = new self("food {$one->value}", ucfirst($one->value).' food', 'g', null);
        }
        foreach (CarbonSource::cases() as $one) {
            $all[] = new self("dose {$one->value}", ucfirst($one->label()), 'mL', null);
        }
        foreach (self::TESTED as $one) {
            $all[] = new self("test {$one->value}", ucfirst($one->label()).' tests', 'tests', null);
        }
        $all[] = new self('salt', 'Salt mix', 'g', null);
        $all[] = new self(self::OTHER, 'Something else', 'pieces', null);

        return array_column($all, null, 'key');
    }

    public static function named(string $key): ?self
    {
        return self::all()[$key] ?? null;
    }

    /** Whether the journal says when it is used; other things are counted by hand. */
    public function isUsedByJournal(): bool
    {
        return ! in_array($this->key, [self::SOCK, self::OTHER], true);
    }

    /** The chore at which one of it is thrown away; null for what no chore uses. */
    public function chore(): ?Chore
    {
        return ['pad' => Chore::Pad, 'floss' => Chore::Floss][$this->key] ?? null;
    }

    /** How much of it an entry used, in its unit; zero for one that used none. */
    public function usedBy(Payload $entry, Assumptions $assumptions): float
    {
        [$of, $which] = [...explode(' ', $this->key, 2), ''];

        return match (true) {
            $entry instanceof Care => $entry->deed === Deed::Changed && (self::PARTS[$of] ?? null) === $entry->part
                ? 1.0
                : 0.0,
            $entry instanceof MediaCharge => $of === 'medium' && $entry->medium->value === $which
                ? $entry->weight($assumptions)
                : 0.0,
            $entry instanceof Feed => $of === 'food' && $entry->food?->value === $which ? $entry->grams : 0.0,
            $entry instanceof CarbonDose => $of === 'dose' && $entry->source->value === $which
                ? $entry->millilitres
                : 0.0,
            $entry instanceof Reading => $of === 'test' && $entry->parameter->value === $which ? 1.0 : 0.0,
            $entry instanceof WaterChange => $of === 'salt'
                ? $entry->changedLitres * $assumptions->value('salt-per-litre')
                : 0.0,
            default => 0.0,
        };
    }
}
