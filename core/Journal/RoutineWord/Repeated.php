<?php

declare(strict_types=1);

namespace Ithys\Journal\RoutineWord;

use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\DosePlan\DosePlan;
use Ithys\Journal\Entry;
use Ithys\Journal\FeedPlan\FeedPlan;
use Ithys\Journal\Kinds;
use Ithys\Journal\Usage;

/** What is done again and again; of organic carbon each source, for each is stopped alone. */
enum Repeated: string
{
    case Feeding = 'feed';
    case Water = 'water';
    case Socks = 'sock';
    case Vinegar = 'dose vinegar';
    case Spirit = 'dose spirit';
    case Blend = 'dose blend';

    /** What an entry is an act or a word of; null for what is not done again and again. */
    public static function of(Entry $entry): ?self
    {
        return match (true) {
            $entry->payload instanceof RoutineWord => $entry->payload->of,
            $entry->payload instanceof CarbonDose, $entry->payload instanceof DosePlan => self::carbon(
                $entry->payload->source,
            ),
            $entry->payload instanceof FeedPlan => self::Feeding,
            default => self::tryFrom($entry->kind()->key()),
        };
    }

    public static function carbon(CarbonSource $source): self
    {
        return match ($source) {
            CarbonSource::Vinegar => self::Vinegar,
            CarbonSource::Spirit => self::Spirit,
            CarbonSource::Blend => self::Blend,
        };
    }

    /** Of organic carbon. */
    public function source(): ?CarbonSource
    {
        return CarbonSource::tryFrom(explode(' ', $this->value)[1] ?? '');
    }

    /** The kind of entry that an act of it is. */
    public function kind(): string
    {
        return explode(' ', $this->value)[0];
    }

    /** How much of it is done, in words; null for none. */
    public function usage(): ?Usage
    {
        return Kinds::named($this->kind())->lever()?->usage;
    }

    /** As the log reads and shows it, the first as it is written. */
    public function label(): string
    {
        return match ($this) {
            self::Feeding => 'Feeding',
            self::Water => 'Water changes',
            self::Socks => 'Sock changes',
            self::Vinegar => 'Vinegar',
            self::Spirit => 'Vodka',
            self::Blend => 'Vodka and vinegar mix',
        };
    }

    /** @return non-empty-list<list<string>> its words in the log, the first as it writes them itself */
    public function phrases(): array
    {
        return match ($this) {
            self::Feeding => [['feeding'], ['food'], ['meals']],
            self::Water => [['water', 'changes'], ['water', 'change'], ['wc']],
            self::Socks => [['socks'], ['sock', 'changes'], ['sock']],
            self::Vinegar => [['vinegar']],
            self::Spirit => [['spirit'], ['vodka']],
            self::Blend => [['blend']],
        };
    }
}
