import { Input as ChakraInput } from '@chakra-ui/react';
import { type ComponentProps } from 'react';

type Props = Omit<ComponentProps<typeof ChakraInput>, 'onChange'> & { onText: (text: string) => void };

/** A bare line of text; what it is for stands in its aria-label. */
export function Input({ onText, ...rest }: Props) {
    return <ChakraInput autoComplete="off" {...rest} onChange={(event) => onText(event.target.value)} />;
}
