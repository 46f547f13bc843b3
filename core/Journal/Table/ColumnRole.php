<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

/** What a column of a table holds, where it is neither a reading nor something done. */
enum ColumnRole: string
{
    case Date = 'date';
    case Time = 'time';
    case Name = 'name';
    case Value = 'value';
    case Unit = 'unit';
    case Method = 'method';
    case Note = 'note';
    case Cloudy = 'cloudy';
    /** Words as the one-line log reads them. */
    case Line = 'line';
    /** An entry as a journal keeps it, which says all of it by itself: {@see StoredEntry}. */
    case Stored = 'stored';
    /** Which tank the row is of. */
    case Tank = 'tank';
    case Ignore = 'ignore';

    /** Names by role, in English and as a few neighbours write. */
    private const NAMES = [
        'date' => [
            'date', 'datum', 'day', 'tag', 'when', 'wann', 'timestamp', 'datetime', 'date time', 'date/time', 'fecha',
            'data', 'dato', 'test date', 'date tested', 'sample date', 'date and time', 'sampled',
        ],
        'time' => ['time', 'zeit', 'uhrzeit', 'heure', 'hora', 'ora', 'tijd', 'clock'],
        'name' => ['parameter', 'param', 'test', 'element', 'what', 'name', 'messwert', 'analyte', 'type', 'kind'],
        'value' => ['value', 'result', 'reading', 'wert', 'valeur', 'valor', 'amount', 'level', 'menge', 'ergebnis'],
        'unit' => ['unit', 'units', 'einheit', 'unité', 'unidad', 'eenheid'],
        'method' => ['method', 'kit', 'test kit', 'methode', 'méthode', 'instrument', 'meter', 'device'],
        'note' => [
            'note', 'notes', 'comment', 'comments', 'remark', 'remarks', 'notiz', 'notizen', 'bemerkung',
            'bemerkungen', 'kommentar', 'remarque', 'remarques', 'nota', 'notas', 'observations', 'description',
        ],
        'stored' => ['stored entry'],
        'tank' => ['tank', 'tank name', 'aquarium', 'system', 'becken', 'aquarium name'],
        'cloudy' => ['cloudy', 'trüb', 'clarity'],
        'line' => [
            'entry', 'log', 'event', 'events', 'action', 'actions', 'done', 'maintenance', 'task', 'activity', 'line',
            'wartung', 'arbeit',
        ],
    ];

    /** Null for a heading that names none. */
    public static function named(string $heading): ?self
    {
        $bare = trim((string) preg_replace('~[(\[].*$~u', '', mb_strtolower(str_replace('_', ' ', $heading))), " .:\t");
        foreach (self::NAMES as $role => $names) {
            if (in_array($bare, $names, true)) {
                return self::from($role);
            }
        }

        return null;
    }

    public function label(): string
    {
        return match ($this) {
            self::Name => 'what it is',
            self::Line => 'done, in words',
            self::Stored => 'stored entry',
            self::Ignore => 'leave out',
            default => $this->value,
        };
    }
}
