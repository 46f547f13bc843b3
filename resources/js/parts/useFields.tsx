import { useState } from 'react';
import { TextField } from './TextField';

interface More {
    unit?: string;
    type?: string;
    help?: string;
}

/** The texts of a form by key, the sentence at each, and a field for each. */
export function useFields<T extends Record<string, string>>(empty: T | (() => T)) {
    const [typed, setTyped] = useState(empty);
    const [errors, setErrors] = useState<Partial<Record<string, string>>>({});
    const set = (key: keyof T & string) => (text: string) => setTyped({ ...typed, [key]: text });
    const field = (key: keyof T & string, label: string, more: More = {}) => (
        <TextField label={label} value={typed[key] ?? ''} error={errors[key]} {...more} onText={set(key)} />
    );
    return { typed, setTyped, errors, setErrors, set, field };
}
