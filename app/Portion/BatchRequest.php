<?php

declare(strict_types=1);

namespace App\Portion;

use App\Contract\ContractRequest;

final class BatchRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'batch';
    }
}
