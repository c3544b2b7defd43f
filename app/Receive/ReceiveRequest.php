<?php

declare(strict_types=1);

namespace App\Receive;

use App\Contract\ContractRequest;

final class ReceiveRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'receive-fish';
    }
}
