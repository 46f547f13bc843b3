<?php

declare(strict_types=1);

namespace App\Auth;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** What a password must be, wherever one is chosen. */
final readonly class KeeperPassword implements ValidationRule
{
    public const LEAST = 10;

    /** bcrypt takes no more into account (Provos & Mazières 1999: a key of up to 72 bytes). */
    public const MOST_BYTES = 72;

    private const FEWEST_DIFFERENT = 5;

    /** What many people choose, from memory; digits and signs around it do not make it rare. */
    private const COMMON = [
        'password',
        'passwort',
        'motdepasse',
        'qwertyuiop',
        'qwertzuiop',
        'azertyuiop',
        'qwerty',
        'letmein',
        'welcome',
        'iloveyou',
        'admin',
        'administrator',
        'changeme',
        'princess',
        'football',
        'baseball',
        'dragon',
        'monkey',
        'sunshine',
        'abc',
        'test',
        'aquarium',
        'reef',
        'reeftank',
        'saltwater',
        'ithys',
    ];

    private const ROWS = [
        '01234567890123456789',
        '98765432109876543210',
        'abcdefghijklmnopqrstuvwxyz',
        'zyxwvutsrqponmlkjihgfedcba',
        'qwertyuiopasdfghjklzxcvbnm',
        'qwertzuiopasdfghjklyxcvbnm',
        '1q2w3e4r5t6y7u8i9o0p',
        'qazwsxedcrfvtgbyhnujm',
    ];

    /** @param  list<string>  $own  the keeper's name and address, which are not secret */
    public function __construct(private array $own = [])
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $problem = is_string($value) ? $this->problem($value) : 'Type a password.';
        if ($problem !== null) {
            $fail($problem);
        }
    }

    /** A sentence that says what is wrong; null when nothing is. */
    public function problem(string $password): ?string
    {
        $letters = mb_strtolower($password);
        $core = preg_replace('~[^\p{L}]+~u', '', $letters) ?? '';

        return match (true) {
            mb_strlen($password) < self::LEAST => 'Choose a password of at least '.self::LEAST.' characters.',
            strlen($password) > self::MOST_BYTES => 'Choose a password of at most '
                .self::MOST_BYTES
                .' characters, fewer with accents; more would not count.',
            str_contains($password, "\0") => 'A password cannot hold the null character.',
            count(array_unique(mb_str_split($letters))) < self::FEWEST_DIFFERENT => 'This is easily '
                .'guessed: it holds few different characters. A few words in a row are better.',
            in_array($core, self::COMMON, true),
            $this->runsAlongARow($letters) => 'This is among the first that are guessed. A few words in a row are '
                .'better.',
            $this->isOwn($letters) => 'This is close to your name or address. A few other words in a row are better.',
            default => null,
        };
    }

    private function runsAlongARow(string $letters): bool
    {
        foreach (self::ROWS as $row) {
            for ($length = strlen($letters); $length >= self::LEAST - 2; $length--) {
                for ($from = 0; $from + $length <= strlen($letters); $from++) {
                    if (str_contains($row, substr($letters, $from, $length)) && strlen($letters) - $length <= 3) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private function isOwn(string $letters): bool
    {
        foreach ($this->own as $own) {
            foreach ([mb_strtolower($own), (string) strstr(mb_strtolower($own), '@', true)] as $word) {
                if (
                    mb_strlen($word) >= 4
                    && str_contains($letters, $word)
                    && mb_strlen($letters) - mb_strlen($word) < 6
                ) {
                    return true;
                }
            }
        }

        return false;
    }
}
