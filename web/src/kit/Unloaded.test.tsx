import { cleanup, render, screen } from '@testing-library/react';
import { lazy, Suspense } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Unloaded } from './Unloaded';

afterEach(cleanup);

describe('Unloaded', () => {
  it('says that a station did not come instead of leaving nothing', async () => {
    vi.spyOn(console, 'error').mockImplementation(() => {});
    const Station = lazy<() => null>(() => Promise.reject(new Error('no network')));
    render(
      <Unloaded>
        <Suspense fallback={null}>
          <Station />
        </Suspense>
      </Unloaded>,
    );
    expect((await screen.findByRole('alert')).textContent).toContain('did not come');
    expect(screen.getByRole('button', { name: 'Try again' })).toBeTruthy();
  });
});
