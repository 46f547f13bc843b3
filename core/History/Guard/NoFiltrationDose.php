<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Journal\Payload;
use Ithys\Journal\Supplement\Supplement;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** What does not belong into a reef, and a dose that is far too much of anything. */
final class NoFiltrationDose implements GuardRule
{
    /** Words in a name, and what they do; common knowledge of the trade. */
    private const HARMFUL = [
        'bleach' => 'It kills everything in the tank.',
        'chlorine' => 'It kills everything in the tank.',
        'hypochlorite' => 'It kills everything in the tank.',
        'javel' => 'It kills everything in the tank.',
        'ammonia' => 'It poisons fish.',
        'soap' => 'It kills fish and invertebrates.',
        'detergent' => 'It kills fish and invertebrates.',
        'copper' => 'It kills corals and invertebrates, and stays in rock.',
        'formalin' => 'It kills corals and invertebrates.',
        'methanol' => 'It is poisonous.',
        'isopropyl' => 'It is poisonous.',
        'acetone' => 'It is poisonous.',
    ];

    /** Organic carbon under names of its own. */
    private const CARBON = ['vodka', 'ethanol', 'alcohol', 'vinegar', 'acetic', 'sugar', 'glucose'];

    /** Of the net water volume, and g a litre, from which a dose is asked about: our estimates. */
    private const SHARE = 0.002;

    private const GRAMS = 0.5;

    public function doubts(Payload $dose, DoseContext $here): array
    {
        if (! $dose instanceof Supplement) {
            return [];
        }
        $name = mb_strtolower($dose->name);
        foreach (self::HARMFUL as $word => $does) {
            if (str_contains($name, $word)) {
                return [Doubt::refuse('harmful', Text::of(
                    '{name!} is no dose for a reef tank. {does} If it went in, change water and run fresh activated '
                        .'carbon now.',
                    name: $dose->name,
                    does: $does,
                ))];
            }
        }
        foreach (self::CARBON as $word) {
            if (str_contains($name, $word)) {
                return [Doubt::ask('carbon-by-name', Text::of(
                    '{name!} feeds bacteria: it is organic carbon. Log it as “vodka 2 ml” or “vinegar 10 ml”, so that '
                        .'it is counted with the other doses.',
                    name: $dose->name,
                ))];
            }
        }
        $much = ($dose->millilitres ?? 0.0) / 1000 > self::SHARE * $here->litres()
            || ($dose->grams ?? 0.0) > self::GRAMS * $here->litres();

        return $much ? [Doubt::ask('much-at-once', Text::of(
            '{amount} of {name} at once is much for {litres} of water. Is the amount right?',
            amount: $dose->grams === null
                ? Quantity::millilitres((float) $dose->millilitres)
                : Quantity::grams($dose->grams),
            name: $dose->name,
            litres: Quantity::litres($here->litres()),
        ))] : [];
    }
}
