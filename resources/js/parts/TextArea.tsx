import { chakra } from '@chakra-ui/react';
import { type ComponentProps, useId } from 'react';

type Props = Omit<ComponentProps<typeof chakra.textarea>, 'onChange'> & {
    label: string;
    error?: string | undefined;
    onText: (text: string) => void;
};

/** Several labelled lines of text; the sentence of an error is below them. */
export function TextArea({ label, error, onText, ...rest }: Props) {
    const id = useId();
    return (
        <chakra.div display="grid" gap="1">
            <chakra.label htmlFor={id} fontSize="sm" fontWeight="600">
                {label}
            </chakra.label>
            <chakra.textarea
                id={id}
                aria-invalid={error !== undefined}
                onChange={(event) => onText(event.target.value)}
                px="2"
                py="1"
                bg="raised"
                borderWidth="1px"
                borderColor={error === undefined ? 'edge' : 'fault'}
                borderRadius="3px"
                fontSize={{ base: '16px', md: 'sm' }}
                {...rest}
            />
            {error !== undefined && (
                <chakra.p role="alert" color="fault" fontSize="sm">
                    {error}
                </chakra.p>
            )}
        </chakra.div>
    );
}
