<?php

declare(strict_types=1);

namespace App\Receive\Invoice;

use App\Kitchen\Database\KeyedTable;

/**
 * How a supplier's files are read, as it was last said.
 *
 * @property string $supplier_id
 * @property string $map JSON
 */
final class InvoiceMap extends KeyedTable
{
    protected $table = 'invoice_maps';

    protected $primaryKey = 'supplier_id';
}
