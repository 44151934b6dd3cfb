import { execFileSync, spawnSync } from 'node:child_process'

// Phones in a network of their own: the office is reached over one cable, which is the signal, and its loopback not at all.

const YARD = 'burdock-yard'
export const OFFICE = '10.77.0.1'
const PHONES = '10.77.0.2'
/** By a cable of its own whoever drives the phones reaches them, with and without a signal. */
export const [HANDS, DRIVEN] = ['10.78.0.1', '10.78.0.2']
/** What a command that is to run in the yard begins with. */
export const WITHIN = ['ip', 'netns', 'exec', YARD]

export const run = (line) => execFileSync('sh', ['-c', line], { stdio: 'pipe', encoding: 'utf8' })
const tried = (line) => spawnSync('sh', ['-c', line], { stdio: 'pipe', encoding: 'utf8' })
export const inYard = (line) => tried(`${WITHIN.join(' ')} ${line}`)

/** Whether this machine lets us make networks. */
export const canMakeYards = () => tried('ip netns add burdock-probe && ip netns del burdock-probe').status === 0

/** A cable between this machine and the yard. */
function cable(name, here, there) {
  run(`ip link add ${name}0 type veth peer name ${name}1`)
  run(`ip link set ${name}1 netns ${YARD}`)
  run(`ip addr add ${here}/24 dev ${name}0 && ip link set ${name}0 up`)
  run(`${WITHIN.join(' ')} ip addr add ${there}/24 dev ${name}1`)
  run(`${WITHIN.join(' ')} ip link set ${name}1 up`)
}

export function makeYard() {
  dropYard()
  run(`ip netns add ${YARD}`)
  run(`${WITHIN.join(' ')} ip link set lo up`)
  cable('yard', OFFICE, PHONES)
  cable('hand', HANDS, DRIVEN)
}

export function dropYard() {
  tried(`ip netns del ${YARD}`)
  for (const name of ['yard0', 'hand0']) tried(`ip link del ${name}`)
}

export const signal = (on) => inYard(`ip link set yard1 ${on ? 'up' : 'down'}`)

/** Another network takes the office's address for itself, or lets go of it. */
export const portal = (on) => inYard(`ip addr ${on ? 'add' : 'del'} ${OFFICE}/32 dev lo`)
