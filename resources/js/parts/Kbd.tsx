import { chakra } from '@chakra-ui/react';

/** A key as it is printed on a keyboard. */
export const Kbd = chakra('kbd', {
    base: {
        display: { base: 'none', md: 'inline-flex' },
        alignItems: 'center',
        justifyContent: 'center',
        minW: '19px',
        height: '19px',
        px: '1',
        borderWidth: '1px',
        borderColor: 'edge',
        borderRadius: '3px',
        fontFamily: 'figure',
        fontSize: '11px',
        color: 'quiet',
    },
});
