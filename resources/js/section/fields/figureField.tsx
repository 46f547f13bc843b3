import { TextField } from '../../parts/TextField';

export type Problems = Record<string, string>;

/** A figure of a part; `at` is where its problem would stand. */
export function figureField(
    part: object,
    key: string,
    label: string,
    unit: string | undefined,
    at: string,
    problems: Problems,
    onText: (text: string) => void,
    placeholder?: string,
) {
    return (
        <TextField
            key={key}
            label={label}
            {...(unit === undefined ? {} : { unit })}
            inputMode="decimal"
            value={(part as Record<string, string | undefined>)[key] ?? ''}
            onText={onText}
            error={problems[at]}
            maxLength={40}
            {...(placeholder === undefined ? {} : { placeholder })}
        />
    );
}

/** The chambers of a sump to choose from. */
export function chamberOptions(chambers: number): [string, string][] {
    return Array.from({ length: chambers }, (_, i) => [
        String(i),
        `chamber ${i + 1}${i === chambers - 1 ? ', return' : ''}`,
    ]);
}
