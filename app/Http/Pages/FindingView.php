<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Finding;
use Ithys\Quantity\Text;
use Ithys\Quantity\Words;
use Ithys\Remedy;

/** A finding in the reader’s words and units. */
final class FindingView
{
    /** @return array<string, mixed> */
    public static function of(Finding $finding, Words $words): array
    {
        $say = static fn (?Text $text): ?string => $text === null ? null : $words->say($text);

        return [
            'severity' => $finding->severity->value,
            'code' => $finding->code,
            'title' => $words->say($finding->title),
            'sentence' => $words->say($finding->sentence),
            'basis' => $finding->basis === null ? null : AssumptionView::of($finding->basis, $words),
            'at' => $finding->at,
            'reason' => $say($finding->advice?->reason),
            'school' => $say($finding->advice?->school),
            'fix' => $say($finding->advice?->fix),
            'remedies' => array_map(
                static fn (Remedy $remedy): array => [
                    'does' => $words->say($remedy->does),
                    'part' => $remedy->part,
                    'field' => $remedy->field,
                    'typed' => SectionForm::texts([$remedy->field => $remedy->value], $words->units)[$remedy->field],
                ],
                $finding->remedies,
            ),
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<array<string, mixed>>
     */
    public static function all(array $findings, Words $words): array
    {
        return array_map(static fn (Finding $finding): array => self::of($finding, $words), $findings);
    }
}
