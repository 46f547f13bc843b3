import { Box, Field, Input, chakra } from '@chakra-ui/react';
import { type ComponentProps, type ReactNode } from 'react';

type Props = Omit<ComponentProps<typeof Input>, 'onChange'> & {
    label: string;
    help?: ReactNode;
    error?: string | undefined;
    unit?: string;
    onText: (text: string) => void;
};

/** A labelled line of text; the sentence of an error stands at the field. */
export function TextField({ label, help, error, unit, onText, ...rest }: Props) {
    return (
        <Field.Root invalid={error !== undefined}>
            <Field.Label>{label}</Field.Label>
            <Box display="flex" alignItems="center" gap="2" width="100%">
                <Input {...rest} onChange={(event) => onText(event.target.value)} />
                {unit !== undefined && (
                    <Box color="quiet" fontSize="sm" minW="34px" whiteSpace="nowrap">
                        {unit}
                    </Box>
                )}
            </Box>
            {error === undefined ? (
                help !== undefined && <Field.HelperText>{help}</Field.HelperText>
            ) : (
                <Field.ErrorText>{error}</Field.ErrorText>
            )}
        </Field.Root>
    );
}

/** A native choice, styled as the fields are. */
export const Choice = chakra('select', {
    base: {
        minH: { base: '44px', md: '36px' },
        px: '2',
        bg: 'raised',
        color: 'ink',
        borderWidth: '1px',
        borderColor: 'edge',
        borderRadius: '3px',
        fontSize: { base: '16px', md: 'sm' },
        maxWidth: '100%',
    },
});
