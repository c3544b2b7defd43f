<?php

declare(strict_types=1);

namespace App\Portion;

use App\Contract\ContractRequest;

final class LayingRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'fillet-on-board';
    }
}
