'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { OwnProduct } from '@/core/catalogue/own-products';
import { productName } from '@/core/catalogue/products';
import { ownProductWords } from '@/present/supplies/own-product-words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { useChanges } from '../parts/use-changes';
import { newId } from '../state/new-id';

const OwnProductForm = dynamic(() => import('./own-product-form').then((module) => module.OwnProductForm));

type OwnProductsProps = {
  readonly products: readonly OwnProduct[];
  /** The jobs that take a product at all, by id and name. */
  readonly jobs: readonly (readonly [id: string, words: string])[];
  readonly edits: EditWords;
  readonly actions: ChangeActions;
};

/** Products and mixtures of one's own, and how one is written down or put right. */
export function OwnProducts({ products, jobs, edits, actions }: OwnProductsProps) {
  const changes = useChanges(actions);
  const [open, setOpen] = useState<{ readonly id: string; readonly product?: OwnProduct }>();
  return (
    <>
      <ChangeBar label="Your own products" edits={edits} changes={changes}>
        <Button variant="contained" onClick={() => setOpen({ id: newId() })}>
          Write one down
        </Button>
      </ChangeBar>
      {open && (
        <OwnProductForm
          key={open.id}
          id={open.id}
          product={open.product}
          jobs={jobs}
          actions={actions}
          onClose={() => setOpen(undefined)}
        />
      )}
      <ul aria-label="Your own" className={css({ listStyle: 'none', p: 0, mt: 2, mb: 0, maxWidth: 820 })}>
        {products.map((product) => (
          <ProductLine
            key={product.id}
            product={product}
            onChange={() => setOpen({ id: product.id, product })}
            onDrop={() => changes.send({ do: 'drop-own-product', id: product.id }, 'Removed.')}
          />
        ))}
      </ul>
    </>
  );
}

type ProductLineProps = {
  readonly product: OwnProduct;
  readonly onChange: () => void;
  readonly onDrop: () => void;
};

function ProductLine({ product, onChange, onDrop }: ProductLineProps) {
  const name = productName(product.product);
  return (
    <li className={css(PRODUCT_LINE)}>
      <div className={css({ minWidth: 0, flex: '1 1 320px', overflowWrap: 'anywhere' })}>
        <h2 className={css({ textStyle: 'h3', m: 0 })}>{name}</h2>
        <div className={css({ color: 'quiet' })}>{ownProductWords(product)}</div>
      </div>
      <Button onClick={onChange} aria-label={`Change ${name}`}>
        Change
      </Button>
      <Button color="inherit" onClick={onDrop} aria-label={`Remove ${name}`}>
        Remove
      </Button>
    </li>
  );
}

const PRODUCT_LINE = {
  display: 'flex',
  flexWrap: 'wrap',
  alignItems: 'center',
  gap: 1,
  borderTop: '1px solid var(--colors-line)',
  py: 1.5,
} as const;
