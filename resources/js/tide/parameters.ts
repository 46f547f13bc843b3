import { type Parameter, useShared } from '../lib/page';

/** The colour of a parameter, by the side its axis stands on. */
export const tone = ({ side }: Pick<Parameter, 'side'>) => (side === 'left' ? 'nitrate' : 'phosphate');

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
