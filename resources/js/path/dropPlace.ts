import { type CollisionDetection, pointerWithin } from '@dnd-kit/core';

/** Where a drop would go: the gap under the pointer, or else the nearest one, since a narrow gap is hard to hit. */
export const dropPlace: CollisionDetection = (args) => {
    const hit = pointerWithin(args);
    return hit.length > 0 ? hit : nearest(args);
};

/** The gap whose middle is nearest to the pointer, if the pointer is over the path at all. */
function nearest({ pointerCoordinates, droppableContainers, droppableRects }: Parameters<CollisionDetection>[0]) {
    if (pointerCoordinates === null) {
        return [];
    }
    const { x, y } = pointerCoordinates;
    return droppableContainers
        .flatMap((container) => {
            const rect = droppableRects.get(container.id);
            return rect === undefined || x < rect.left || x > rect.right
                ? []
                : [{ id: container.id, distance: Math.abs(rect.top + rect.height / 2 - y) }];
        })
        .filter(({ distance }) => distance < 60)
        .sort((a, b) => a.distance - b.distance)
        .slice(0, 1)
        .map(({ id }) => ({ id }));
}
