<?php

declare(strict_types=1);

namespace Ithys\Journal;

/** The kinds of journal entry. All but readings and notes are levers: things a keeper does to the water. */
enum EntryKind: string
{
    case Reading = 'reading';
    case SockChange = 'sock';
    case MediaCharge = 'media';
    case WaterChange = 'water';
    case Feed = 'feed';
    case Skimmer = 'skimmer';
    case Photoperiod = 'photoperiod';
    case CarbonDose = 'dose';
    case Note = 'note';

    public function isLever(): bool
    {
        return $this !== self::Reading && $this !== self::Note;
    }

    /**
     * Whether a single entry is a change whose effect is asked for. One feeding is not; how much is fed is read along.
     */
    public function isJudged(): bool
    {
        return $this->isLever() && $this !== self::Feed;
    }

    /**
     * @param  array<string, mixed>  $data  as {@see StoredPayload::of()} made it
     *
     * @throws InvalidEntry when the data does not fit the kind
     */
    public function payload(array $data): Payload
    {
        $from = StoredPayload::fields($data);

        return match ($this) {
            self::Reading => Reading::fromData($from),
            self::SockChange => SockChange::fromData($from),
            self::MediaCharge => MediaCharge::fromData($from),
            self::WaterChange => WaterChange::fromData($from),
            self::Feed => Feed::fromData($from),
            self::Skimmer => SkimmerSwitch::fromData($from),
            self::Photoperiod => Photoperiod::fromData($from),
            self::CarbonDose => CarbonDose::fromData($from),
            self::Note => Note::fromData($from),
        };
    }
}
