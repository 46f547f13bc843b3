import { figure } from './figures';

/** A length as a drawing shows it: whole millimetres, or inches to the sixteenth. */
export function shopLength(mm: number, unit: string): string {
    if (unit !== 'in') {
        return figure(Math.abs(mm) < 10 ? Math.round(mm * 10) / 10 : Math.round(mm), Math.abs(mm) < 10 ? 1 : 0).replace(
            /\.0$/,
            '',
        );
    }
    const sixteenths = Math.round((Math.abs(mm) / 25.4) * 16);
    const sign = mm < 0 && sixteenths > 0 ? '−' : '';
    const whole = Math.floor(sixteenths / 16);
    let rest = sixteenths % 16;
    let parts = 16;
    while (rest > 0 && rest % 2 === 0) {
        rest /= 2;
        parts /= 2;
    }
    return `${sign}${rest === 0 ? whole : `${whole > 0 ? `${whole} ` : ''}${rest}/${parts}`}`;
}
