<?php

declare(strict_types=1);

namespace Ithys\Journal;

/** Months as keepers and their spreadsheets write them. */
final class MonthName
{
    /** Beginnings that tell the months apart: English, then German, French, Spanish, Italian and Dutch. */
    private const BEGINNINGS = [
        ['jan', 'jän', 'ene', 'gen'],
        ['feb', 'fév', 'fev'],
        ['mar', 'mär', 'mrt', 'maa', 'mrz'],
        ['apr', 'avr', 'abr'],
        ['may', 'mai', 'mei', 'mag'],
        ['jun', 'juin', 'giu'],
        ['jul', 'juil', 'lug'],
        ['aug', 'aoû', 'aou', 'ago'],
        ['sep', 'set'],
        ['oct', 'okt', 'ott', 'out'],
        ['nov'],
        ['dec', 'dez', 'déc', 'dic'],
    ];

    /** 1 to 12, or null for a word that is no month: "Jun", "März", "sept.". */
    public static function number(string $word): ?int
    {
        $plain = rtrim(mb_strtolower(trim($word)), '.');
        if (mb_strlen($plain) < 3 || mb_strlen($plain) > 10) {
            return null;
        }
        foreach (self::BEGINNINGS as $month => $beginnings) {
            foreach ($beginnings as $beginning) {
                if (str_starts_with($plain, $beginning) && self::isMonth($plain, $beginning)) {
                    return $month + 1;
                }
            }
        }

        return null;
    }

    /** @param  int<1, 12>  $month */
    public static function short(int $month): string
    {
        return self::BEGINNINGS[$month - 1][0];
    }

    /** "mar" and "march" are, "maroon" is not. */
    private static function isMonth(string $plain, string $beginning): bool
    {
        return $plain === $beginning || in_array($plain, self::WHOLE, true);
    }

    private const WHOLE = [
        'january', 'february', 'march', 'april', 'june', 'july', 'august', 'september', 'sept', 'october', 'november',
        'december', 'januar', 'jänner', 'februar', 'märz', 'juni', 'juli', 'oktober', 'dezember', 'janvier', 'février',
        'fevrier', 'févr', 'mars', 'avril', 'juin', 'juillet', 'août', 'aout', 'septembre', 'octobre', 'novembre',
        'décembre', 'decembre', 'enero', 'febrero', 'marzo', 'abril', 'mayo', 'junio', 'julio', 'agosto',
        'septiembre', 'octubre', 'noviembre', 'diciembre', 'gennaio', 'febbraio', 'aprile', 'maggio', 'giugno',
        'luglio', 'settembre', 'ottobre', 'dicembre', 'januari', 'februari', 'maart', 'augustus',
    ];
}
