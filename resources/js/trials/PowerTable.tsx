import { chakra } from '@chakra-ui/react';
import { type Power } from './types';

/** The smallest difference that four of five such trials would show, and what more would buy. */
export function PowerTable({ power }: { power: Power }) {
    if (power.options.length === 0) {
        return null;
    }
    return (
        <>
            {!power.may && (
                <chakra.p color="caution">
                    One unit an arm tells nothing: no verdict can come of it. Plan two or more.
                </chakra.p>
            )}
            <chakra.table fontSize="sm" maxWidth="26rem">
                <chakra.caption captionSide="top" textAlign="left" color="quiet">
                    Smallest difference that 4 of 5 such trials show
                </chakra.caption>
                <tbody>
                    {power.options.map(({ what, smallest }) => (
                        <chakra.tr key={what} borderBottomWidth="1px">
                            <chakra.th scope="row" textAlign="left" fontWeight="400" py="1">
                                {what}
                            </chakra.th>
                            <chakra.td textAlign="right" fontFamily="figure">
                                {smallest}
                            </chakra.td>
                        </chakra.tr>
                    ))}
                </tbody>
            </chakra.table>
        </>
    );
}
