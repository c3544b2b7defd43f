<?php

declare(strict_types=1);

namespace App\Cost;

use App\Contract\ContractRequest;

final class ReadyCutRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'ready-cut';
    }
}
