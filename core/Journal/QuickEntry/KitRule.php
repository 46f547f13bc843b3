<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Journal\InvalidEntry;

/** "kit white drops", "with pocket photometer", "by kit “colour comparison”": the kit of the line's readings. */
final class KitRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $isKit = $tokens->take('kit', 'method', 'kit:', 'method:');
        if (! $isKit && ! $tokens->take('with', 'by', 'using')) {
            return false;
        }
        $tokens->take('the', 'my');
        $isKit = $tokens->take('kit') || $isKit;
        $kit = $this->known($tokens, $context) ?? ($isKit ? $tokens->quoted() ?? $tokens->name() : '');
        $tokens->take('kit');
        if ($kit === '') {
            if ($isKit) {
                throw InvalidEntry::noFigure('kit', 'pocket photometer');
            }
            $tokens->position = $start;

            return false;
        }
        $draft->kit = $draft->kit === null ? $kit : throw InvalidEntry::twice('kit');

        return true;
    }

    public function words(): array
    {
        return ['kit'];
    }

    /** One that this tank was read with before, the longest name first. */
    private function known(Tokens $tokens, Context $context): ?string
    {
        $kits = array_values(array_unique($context->kits));
        usort($kits, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        foreach ($kits as $kit) {
            if ($tokens->takePhrase(explode(' ', mb_strtolower($kit)))) {
                return $kit;
            }
        }

        return null;
    }
}
