<?php

declare(strict_types=1);

namespace Ithys\Journal\MediaCharge;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Media\Medium;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;

/** "gfo 120 g reactor", "activated carbon 1 cup bag", "alumina 200 ml in the second basket". */
final class MediaRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $tokens->take('new', 'fresh', 'changed', 'added', 'replaced', 'dosed', 'dose');
        $tokens->take('the');
        $bareCarbon = $tokens->peek()?->word === 'carbon';
        $medium = self::medium($tokens);
        if ($medium === null) {
            $tokens->position = $start;

            return false;
        }
        $tokens->take('charge', 'change', 'changed', 'new');
        $amount
            = $tokens->amount(Dimension::Mass, Dimension::Volume)
            ?? throw InvalidEntry::noFigure($medium->label(), '120 g');
        $unit = $amount->unit ?? throw InvalidEntry::inWhat(
            $bareCarbon ? "activated carbon {$amount->written}" : $tokens->textFrom($start),
            ['g', 'ml', ...$context->units === UnitSystem::Us ? ['oz', 'cups'] : []],
        );
        $in = self::vessel($tokens, $medium, $context->containers);
        if ($bareCarbon && $in === null && $unit->dimension() === Dimension::Volume) {
            throw InvalidEntry::whichCarbon(preg_replace('~^\D*(?=\d)~', '', $tokens->textFrom($start)) ?? '');
        }
        $charge = $unit->dimension() === Dimension::Mass
            ? MediaCharge::grams($medium, $amount->base($unit), $in)
            : MediaCharge::litres($medium, $amount->base($unit), $in);
        $topsUp = static fn (): bool => $tokens->takePhrase(['top', 'up']) || $tokens->take('topup');
        $isTopUp = $topsUp();
        $days = null;
        $perWeek = Terms::WEEK;
        if (in_array($tokens->peek(1)->word ?? '', ['day', 'days'], true)
            && in_array($tokens->peek(2)->word ?? '', ['a', 'per'], true)
            && ($tokens->peek(3)->word ?? '') === 'week') {
            $perWeek = $tokens->days() ?? Terms::WEEK;
            $tokens->position += 2;
        }
        if ($tokens->take('for')) {
            $days = $tokens->days() ?? throw InvalidEntry::noFigure("{$medium->word()} 60 g for", '3 days');
        }
        $draft->add($charge->meant($days, $isTopUp || $topsUp(), $perWeek), $start);

        return true;
    }

    /** Takes the name of a medium; bare carbon is the activated one. Null where none stands here. */
    public static function medium(Tokens $tokens): ?Medium
    {
        foreach (self::named() as [$words, $medium]) {
            if ($tokens->takePhrase($words)) {
                return $medium;
            }
        }

        return null;
    }

    /** @return list<array{list<string>, Medium}> names in words, the longer first */
    private static function named(): array
    {
        $names = [];
        foreach (Medium::cases() as $medium) {
            foreach ($medium->definition()->names->words as $name) {
                $names[] = [explode(' ', $name), $medium];
            }
        }
        usort($names, static fn (array $a, array $b): int => count($b[0]) <=> count($a[0]));

        return $names;
    }

    public function words(): array
    {
        return array_values(array_map(
            static fn (Medium $medium): string => $medium->word(),
            array_filter(
                Medium::cases(),
                static fn (Medium $medium): bool => $medium->isModelled() && $medium !== Medium::Unlisted
                    || $medium === Medium::Zeolite,
            ),
        ));
    }

    /**
     * Takes where a medium lies, with the little words before it; null where nothing says it.
     *
     * @param  list<Container>  $containers
     */
    public static function vessel(Tokens $tokens, Medium $medium, array $containers): Place|Container|null
    {
        $start = $tokens->position;
        $tokens->take('in', 'into', 'of', 'from');
        $tokens->take('the', 'a');
        // The longest name first: “carbon bag two” is not “carbon bag”.
        usort($containers, static fn (Container $a, Container $b): int => count($b->words()) <=> count($a->words()));
        foreach ($containers as $container) {
            if ($tokens->takePhrase($container->words())) {
                return $container;
            }
        }
        $place = Place::tryFrom($tokens->peek()->word ?? '');
        $tokens->position = $place === null ? $start : $tokens->position + 1;

        return $place === null ? null : Container::meant($containers, $place, $medium) ?? $place;
    }
}
