import { Box } from '@chakra-ui/react';

/** How much of a whole is done. */
export function ProgressBar({ label, done, of }: { label: string; done: number; of: number }) {
    const share = of > 0 ? Math.min(1, done / of) : 0;
    return (
        <Box
            role="progressbar"
            aria-label={label}
            aria-valuemin={0}
            aria-valuemax={100}
            aria-valuenow={Math.round(100 * share)}
            height="10px"
            borderWidth="1px"
            borderColor="ink"
            bg="raised"
        >
            <Box height="100%" width={`${100 * share}%`} bg="deep" />
        </Box>
    );
}
