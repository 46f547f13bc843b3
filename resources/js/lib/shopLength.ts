import { figure } from './figures';

/** Inches by so many parts of one, reduced: "2 3/8". */
function fraction(mm: number, parts: number): string {
    const marks = Math.round((Math.abs(mm) / 25.4) * parts);
    const sign = mm < 0 && marks > 0 ? '−' : '';
    const whole = Math.floor(marks / parts);
    let rest = marks % parts;
    while (rest > 0 && rest % 2 === 0) {
        rest /= 2;
        parts /= 2;
    }
    return `${sign}${rest === 0 ? whole : `${whole > 0 ? `${whole} ` : ''}${rest}/${parts}`}`;
}

/** A length as a drawing shows it: whole millimetres, or inches to the sixteenth. */
export function shopLength(mm: number, unit: string): string {
    return unit === 'in'
        ? fraction(mm, 16)
        : figure(Math.abs(mm) < 10 ? Math.round(mm * 10) / 10 : Math.round(mm), Math.abs(mm) < 10 ? 1 : 0).replace(
              /\.0$/,
              '',
          );
}

/** The same as it is typed, and as exact as a rule is: to the 0.0001 mm, or to the sixty-fourth of an inch. */
export function typedLength(mm: number, unit: string): string {
    if (unit !== 'in') {
        return String(Math.round(mm * 10_000) / 10_000);
    }
    const isMarked = Math.abs(mm - (Math.round((mm / 25.4) * 16) * 25.4) / 16) < 0.08;
    return fraction(mm, isMarked ? 16 : 64).replace('−', '-');
}

/** A bare figure or fraction that was typed, in mm; null for anything else, which the server reads. */
export function readLength(typed: string, factor: number): number | null {
    const parts = /^(?:(\d+(?:\.\d+)?)(?=\s|$))?\s*(?:(\d+)\/([1-9]\d*))?$/.exec(typed.trim());
    return parts === null || (parts[1] === undefined && parts[2] === undefined)
        ? null
        : (Number(parts[1] ?? 0) + Number(parts[2] ?? 0) / Number(parts[3] ?? 1)) * factor;
}
