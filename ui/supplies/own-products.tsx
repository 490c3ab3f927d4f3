'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { OwnProduct } from '@/core/catalogue/own-products';
import { productName } from '@/core/catalogue/products';
import { ownProductWords } from '@/present/supplies/own-product';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { useChanges } from '../parts/use-changes';
import { newId } from '../state/new-id';
import { OwnProductForm } from './own-product-form';

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
      <Box component="ul" aria-label="Your own" sx={{ listStyle: 'none', p: 0, mt: 2, mb: 0, maxWidth: 820 }}>
        {products.map((product) => (
          <ProductLine
            key={product.id}
            product={product}
            onChange={() => setOpen({ id: product.id, product })}
            onDrop={() => changes.send({ do: 'drop-own-product', id: product.id }, 'Removed.')}
          />
        ))}
      </Box>
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
    <Box component="li" sx={PRODUCT_LINE}>
      <Box sx={{ minWidth: 0, flex: '1 1 320px', overflowWrap: 'anywhere' }}>
        <Typography component="h2" variant="h3">
          {name}
        </Typography>
        <Box sx={{ color: 'text.secondary' }}>{ownProductWords(product)}</Box>
      </Box>
      <Button onClick={onChange} aria-label={`Change ${name}`}>
        Change
      </Button>
      <Button color="inherit" onClick={onDrop} aria-label={`Remove ${name}`}>
        Remove
      </Button>
    </Box>
  );
}

const PRODUCT_LINE = {
  display: 'flex',
  flexWrap: 'wrap',
  alignItems: 'center',
  gap: 1,
  borderTop: '1px solid',
  borderColor: 'divider',
  py: 1.5,
} as const;
