import { chakra } from '@chakra-ui/react';

/** A button in one of three looks: the one thing to do, another thing, or a word in the text. */
export const Button = chakra(
    'button',
    {
        base: {
            display: 'inline-flex',
            alignItems: 'center',
            justifyContent: 'center',
            gap: '2',
            minH: { base: '44px', md: '36px' },
            px: '3.5',
            borderWidth: '1px',
            borderRadius: '3px',
            fontWeight: '600',
            fontSize: 'sm',
            cursor: 'pointer',
            whiteSpace: 'nowrap',
            _disabled: { opacity: 0.55, cursor: 'not-allowed' },
        },
        variants: {
            look: {
                solid: { bg: 'ink', color: 'paper', borderColor: 'ink', _hover: { bg: 'deep', borderColor: 'deep' } },
                line: { bg: 'transparent', color: 'ink', borderColor: 'edge', _hover: { bg: 'water' } },
                plain: {
                    bg: 'transparent',
                    color: 'deep',
                    borderColor: 'transparent',
                    px: '1.5',
                    _hover: { textDecoration: 'underline' },
                },
            },
        },
        defaultVariants: { look: 'line' },
    },
    { defaultProps: { type: 'button' } },
);
