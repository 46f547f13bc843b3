import { memo } from 'react';
import { useUnits } from '../../lib/figures';
import { shopLength } from '../../lib/shopLength';
import { pinsOf } from '../../parts/pins';
import { type SectionView, type StateName } from '../types';
import { elevationLabels } from './elevationLabels';
import { Text } from './marks';
import { pinPlace } from './pinPlace';
import { scaleOf } from './scale';

/** The words on the drawing from the front. They are set anew when the core has answered, and not while the pointer moves. */
export const Labels = memo(function Labels({
    view,
    state,
    unit,
    toTheLeft,
    zoom,
    top,
}: {
    view: SectionView;
    state: StateName;
    unit: string;
    toTheLeft: boolean;
    zoom: number | null;
    /** Where the rim is on the drawing. */
    top: number;
}) {
    const { show } = useUnits();
    const scale = scaleOf(view, toTheLeft, zoom);
    const y = (mm: number) => top + (view.heightMm - mm) * scale.perMm;
    const marks = [...pinsOf(view.findings).keys()].flatMap((finding) => {
        const at = pinPlace(finding, view);
        const [px, py] = at === null ? [0, 0] : [scale.x(at.x), y(at.y)];
        return at === null ? [] : [{ left: px - 9, right: px + 9, top: py - 9, bottom: py + 9 }];
    });
    return elevationLabels({
        view,
        state,
        scale,
        y,
        mm: (value) => shopLength(value, unit),
        litres: (value) => show(value, 'volume'),
        marks,
    }).map((label) => (
        <Text key={label.key} x={label.x} y={label.y} anchor={label.anchor} colour={label.colour ?? 'ink'} halo>
            {label.text}
        </Text>
    ));
});
