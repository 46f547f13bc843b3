<?php

declare(strict_types=1);

namespace App\Exchange;

use Ithys\Journal\Reading\Parameter;

/** What a column of an imported table holds. */
enum ColumnRole: string
{
    case Date = 'date';
    case Time = 'time';
    case Parameter = 'parameter';
    case Value = 'value';
    case Unit = 'unit';
    case Nitrate = 'no3';
    case Phosphate = 'po4';
    case Method = 'method';
    case Note = 'note';
    case Cloudy = 'cloudy';
    case Ignore = 'ignore';

    /** Two files that can be read, one after the other. */
    public const EXAMPLE = <<<'CSV'
        date,parameter,value,unit,method,note
        2026-03-04 20:15,no3,8.5,ppm,colour comparison,
        2026-03-04 20:15,po4,<0.02,ppm,pocket photometer,

        Datum;Nitrat;Phosphat (ppb P)
        4.3.2026;8,5;18
        CSV;

    public function label(): string
    {
        return match ($this) {
            self::Nitrate, self::Phosphate => Parameter::from($this->value)->label(),
            self::Ignore => 'leave out',
            default => $this->value,
        };
    }

    /** A first guess from the column's name, in English and a few European words. */
    public static function guess(string $name): self
    {
        $bare = trim((string) preg_replace('~[(\[].*$~u', '', mb_strtolower($name)));
        $first = (string) strtok($bare, ' ');
        $nutrient = (Parameter::fromWord($bare) ?? Parameter::fromWord($first))[0] ?? null;

        return match (true) {
            $nutrient === Parameter::Nitrate => self::Nitrate,
            $nutrient === Parameter::Phosphate => self::Phosphate,
            in_array(
                $bare,
                ['date', 'datum', 'day', 'when', 'timestamp', 'datetime', 'date time', 'fecha', 'data'],
                true,
            ) => self::Date,
            in_array($bare, ['time', 'zeit', 'uhrzeit', 'heure', 'hora'], true) => self::Time,
            in_array($bare, ['parameter', 'param', 'test', 'element', 'what', 'name'], true) => self::Parameter,
            in_array($bare, ['value', 'result', 'reading', 'wert', 'valeur', 'valor', 'amount'], true) => self::Value,
            in_array($bare, ['unit', 'units', 'einheit'], true) => self::Unit,
            in_array($bare, ['method', 'kit', 'methode', 'instrument'], true) => self::Method,
            in_array($bare, ['note', 'notes', 'comment', 'remark', 'notiz', 'bemerkung'], true) => self::Note,
            $bare === 'cloudy' => self::Cloudy,
            default => self::Ignore,
        };
    }
}
