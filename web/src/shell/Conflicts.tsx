import { Dialog } from 'radix-ui';
import { desk } from '../desk/desk';
import { useAppDispatch, useAppSelector } from '../desk/store';

/** Two devices changed one pie, or one meal: the cook says whose it is. Neither is thrown away unasked. */
export function Conflicts() {
  const found = useAppSelector((s) => s.desk.conflicts[0]);
  const dispatch = useAppDispatch();
  const answer = (stands: 'mine' | 'theirs') => () =>
    found && dispatch(desk.actions.conflictAnswered({ id: found.id, stands }));
  return (
    <Dialog.Root open={found !== undefined}>
      <Dialog.Portal>
        <Dialog.Overlay className="veil" />
        <Dialog.Content className="slip dialog" aria-describedby={undefined}>
          <Dialog.Title className="sign m-0" style={{ fontSize: 25 }}>
            {found?.title} was changed elsewhere too
          </Dialog.Title>
          <p>Another window or device settled something else in the meantime. Which one stands?</p>
          <div className="flex flex-wrap gap-3">
            <button type="button" className="press" onClick={answer('mine')}>
              What stands here
            </button>
            <button type="button" className="press quiet" onClick={answer('theirs')}>
              What was put elsewhere
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
