import { chakra } from '@chakra-ui/react';
import { type ComponentProps, useId } from 'react';
import { Choice } from './TextField';

type Props = Omit<ComponentProps<typeof Choice>, 'onChange'> & {
    label: string;
    options: readonly (readonly [string, string])[];
    error?: string | undefined;
    onPick: (value: string) => void;
};

/** A labelled choice among a few; the sentence of an error is below it. */
export function ChoiceField({ label, options, error, onPick, ...rest }: Props) {
    const id = useId();
    return (
        <chakra.div display="grid" gridTemplateColumns="minmax(0, auto)" gap="1">
            <chakra.label htmlFor={id} fontSize="sm" fontWeight="600">
                {label}
            </chakra.label>
            <Choice id={id} {...rest} onChange={(event) => onPick(event.target.value)}>
                {options.map(([value, text]) => (
                    <option key={value} value={value}>
                        {text}
                    </option>
                ))}
            </Choice>
            {error !== undefined && (
                <chakra.p role="alert" color="fault" fontSize="sm">
                    {error}
                </chakra.p>
            )}
        </chakra.div>
    );
}
