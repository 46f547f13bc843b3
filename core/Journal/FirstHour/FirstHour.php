<?php

declare(strict_types=1);

namespace Ithys\Journal\FirstHour;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Note\NoteKind;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Text;

/** What was seen in the first hour after a start, and the setting of the drain valve that was found. */
final readonly class FirstHour implements Payload
{
    use PlainPayload;

    /** @param  array<string, bool>  $seen  whether it is right, by {@see Check}; none where it was not checked */
    private function __construct(public array $seen, public ?string $valve)
    {
    }

    /**
     * @param  array<string, bool>  $seen  by {@see Check}
     *
     * @throws InvalidEntry where nothing was seen, or the setting is too long to keep
     */
    public static function of(array $seen, ?string $valve = null): self
    {
        if ($valve !== null) {
            Amount::within((float) mb_strlen($valve), 1, 100, 'The number of characters of the valve setting');
        }
        if ($seen === [] && $valve === null) {
            throw InvalidEntry::noFigure('first hour', 'levels ok noise ok valve 2.5 turns open');
        }

        return new self($seen, $valve);
    }

    public static function fromData(PayloadData $data): self
    {
        $seen = [];
        foreach (Check::cases() as $check) {
            $said = $data->optionalText($check->value);
            if ($said !== null) {
                $seen[$check->value] = $said === 'ok';
            }
        }

        return self::of($seen, $data->optionalText('valve'));
    }

    public function kind(): Kind
    {
        return new FirstHourKind;
    }

    public function lane(): string
    {
        return NoteKind::KEY;
    }

    public function line(): string
    {
        return 'first hour'
            .implode('', array_map(
                static fn (string $check, bool $isOk): string => " {$check} ".($isOk ? 'ok' : 'bad'),
                array_keys($this->seen),
                $this->seen,
            ))
            .($this->valve === null ? '' : " valve {$this->valve}");
    }

    public function toArray(): array
    {
        return [
            ...array_map(static fn (bool $isOk): string => $isOk ? 'ok' : 'bad', $this->seen),
            ...$this->valve === null ? [] : ['valve' => $this->valve],
        ];
    }

    public function summary(): Text
    {
        $bad = array_keys(array_filter($this->seen, static fn (bool $isOk): bool => ! $isOk));
        $said = match (true) {
            $this->seen === [] => 'First hour',
            $bad === [] => 'First hour: {ok} as they should be',
            default => 'First hour: {bad} not as it should be',
        };

        return Text::of(
            $said.($this->valve === null ? '' : ($this->seen === [] ? ': valve {valve}' : '; valve {valve}')),
            ok: implode(', ', array_keys($this->seen)),
            bad: implode(', ', $bad),
            valve: $this->valve ?? '',
        );
    }
}
