import { figure } from '../lib/figures';
import { type Parameter, useShared } from '../lib/page';

/** The colour of a parameter, by where it stands at first. */
export const tone = ({ side }: Pick<Parameter, 'side'>) =>
    side === 'left' ? 'nitrate' : side === 'right' ? 'phosphate' : 'deep';

/** A figure in base units as the keeper reads it. */
export const shown = ({ factor, offset }: Pick<Parameter, 'factor' | 'offset'>, base: number) => base / factor + offset;

/** The same with its unit. */
export const written = (parameter: Parameter, base: number) =>
    `${figure(shown(parameter, base))} ${parameter.unit}`.trim();

/** Finds a parameter by its key. */
export function useParameter(): (key: string) => Parameter {
    const { parameters } = useShared();
    return (key) => {
        const found = parameters.find((parameter) => parameter.key === key);
        if (found === undefined) {
            throw new Error(`No parameter is called ${key}.`);
        }
        return found;
    };
}
