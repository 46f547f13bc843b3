import { Box } from '@chakra-ui/react';
import { Button } from './Button';
import { router } from '@inertiajs/react';
import { useShared } from '../lib/page';

/** What was just done, with the way back; stays until the next page. */
export function FlashLine() {
    const { flash } = useShared();
    return (
        <Box role="status" aria-live="polite">
            {flash !== null && (
                <Box
                    display="flex"
                    alignItems="center"
                    gap="3"
                    px={{ base: '3', md: '6' }}
                    py="1"
                    bg="water"
                    color={flash.fault === true ? 'fault' : 'ink'}
                    borderBottomWidth="1px"
                    fontSize="sm"
                >
                    <span>{flash.message}</span>
                    {flash.undo !== undefined && (
                        <Button
                            look="plain"
                            minH={{ base: '44px', md: '28px' }}
                            onClick={() => router.post(flash.undo ?? '', {}, { preserveScroll: true })}
                        >
                            Undo
                        </Button>
                    )}
                </Box>
            )}
        </Box>
    );
}
