<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Kind;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** The skimmer meets the water before algae do. */
final class SkimFirst implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->itemsOf(Kind::Skimmer) as $skimmer) {
            foreach ($here->course->before($skimmer) as $item) {
                if (! $item->kind->isAlgae()) {
                    continue;
                }
                yield Finding::of(
                    Severity::Caution,
                    'skimmer-after-algae',
                    'The skimmer stands after the algae',
                    Text::of(
                        'The water passes {algae} before {skimmer}.',
                        algae: $item->title(),
                        skimmer: $skimmer->title(),
                    ),
                )
                    ->at($skimmer->id)
                    ->because(
                        'Organics that the skimmer could have taken foul the algae first, and what algae let go '
                            .'reaches the skimmer as slime.',
                        Text::of(
                            'Set {skimmer} before {algae}.',
                            algae: $item->title(),
                            skimmer: $skimmer->title(),
                        ),
                        'Some keepers feed algae and the small life in them with unskimmed water on purpose.',
                    );

                break;
            }
        }
    }
}
